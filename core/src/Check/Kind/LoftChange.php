<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Session\Observation\AnswerFormat;

/** How much loft is added or taken off from address to contact, degrees, positive for more. */
final readonly class LoftChange extends SensorNumber
{
    public function __construct()
    {
        parent::__construct(
            'loft_change',
            'Does the loft change during the stroke?',
            'loft_deg',
            'Loft at contact against address',
            AnswerFormat::number('°', -10.0, 10.0),
            '%.1f°',
        );
    }

    public function inWords(float $value): string
    {
        return abs($value) < 0.05 ? 'no change' : $this->size(abs($value)) . ($value > 0.0 ? ' more' : ' less');
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** Where water poured beside the hole would run, seen from the ball. */
final readonly class WaterSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct(
            'water',
            'Poured here, water would run',
            Answers::words(['left' => 'To the left', 'on' => 'On past the hole', 'back' => 'Back to the ball', 'right' => 'To the right']),
            Feeds::Reads,
            true,
            isBefore: true,
            tells: ['read_side' => ['left' => 'left', 'right' => 'right'], 'read_grade' => ['on' => 'down', 'back' => 'up']],
        );
    }
}

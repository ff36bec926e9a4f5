<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** What a ball outside a drill was rolled for, as the putting screen stood: nobody is asked. */
final readonly class PurposeSeen extends SeenKind
{
    public const MEASURE_BACKSTROKE = 'backstroke';

    public function __construct()
    {
        parent::__construct('purpose', 'Rolled to', Answers::words(['target' => 'Putt at a target', self::MEASURE_BACKSTROKE => 'Measure the backstroke']), Feeds::Stroke, false);
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Pass\Acceptance;

/** The next ball, or one after it, as it is called out. */
final readonly class CallOut
{
    /**
     * @param non-negative-int $station 0-based, in the order the drill lists them
     * @param positive-int $ball which of the station's balls this is, counted from 1
     * @param Acceptance|null $acceptance what passes, with task and step in force; null where only balls not
     *                                    yet rolled will tell
     * @param string|null $name of the station, where its length does not tell it from others
     * @param float|null $backstroke that is called in place of a length, metres
     */
    public function __construct(
        public int $station,
        public float $lengthMetres,
        public int $ball,
        public ?BallTask $task,
        public ?Acceptance $acceptance,
        public ?string $name = null,
        public ?float $backstroke = null,
    ) {}
}

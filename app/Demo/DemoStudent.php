<?php

declare(strict_types=1);

namespace App\Demo;

use Amble\Core\Simulation\SimulatedStudent;

/** One invented student of the demo clinic: the card, and the true stroke behind it. */
final readonly class DemoStudent
{
    /**
     * @param array<string, mixed> $card columns of the student record
     * @param list<float> $backstrokes rolled in each session, metres
     * @param list<int> $sessionDays days before today, oldest first
     * @param list<string> $notes for next time, one a session
     * @param int $ballsEach at each backstroke
     * @param bool $puttsFromStations whether a round from the stations, and putts past a gate and across a slope,
     *     follow
     * @param list<array<string, float>> $story what is other about the stroke, visit by visit; the last one goes on
     * @param list<int> $roundDays days before today of rounds that were noted, oldest first
     * @param list<string> $putters used, visit by visit; the last one goes on
     */
    public function __construct(
        public array $card,
        public SimulatedStudent $stroke,
        public array $backstrokes,
        public array $sessionDays,
        public string $green,
        public array $notes,
        public int $ballsEach = 3,
        public bool $puttsFromStations = true,
        public array $story = [],
        public array $roundDays = [],
        public array $putters = [],
    ) {}

    public function strokeAt(int $visit): SimulatedStudent
    {
        return $this->story === []
            ? $this->stroke
            : $this->stroke->changed($this->story[min($visit, count($this->story) - 1)]);
    }

    /** Null where the card's own holds. */
    public function putterAt(int $visit): ?string
    {
        return $this->putters === [] ? null : $this->putters[min($visit, count($this->putters) - 1)];
    }
}

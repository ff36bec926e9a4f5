<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Play\PlayLook;
use Amble\Core\Play\Stakes;
use Amble\Core\Play\StakesMissing;
use Amble\Core\Units\Length;
use App\Models\Benchmark;
use App\Models\Round;

/** A student's play as it is laid out: rounds, what they come to, and what would save most. This class is immutable. */
final readonly class PlayRoom
{
    /**
     * @param list<Round> $rounds the latest first
     * @param list<Benchmark> $benchmarks
     * @param array{float, float}|null $band lengths to practise, metres: of the rounds, or else the coach's for this student
     * @param bool $isSpeedMeasured whether the speed is one of the student's greens, and not an ordinary one for want of any
     */
    public function __construct(
        public array $rounds,
        public PlayLook $play,
        public ?Length $inside,
        public array $benchmarks,
        public ?array $band,
        public Stakes|StakesMissing $stakes,
        public GreenSpeed $speed,
        public bool $isSpeedMeasured,
    ) {
    }
}

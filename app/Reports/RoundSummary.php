<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Rounds\RoundReport;
use Amble\Core\Units\Length;
use App\Models\Benchmark;
use App\Models\Round;

/** A student's play as it is laid out: rounds, and what they come to. This class is immutable. */
final readonly class RoundSummary
{
    /**
     * @param list<Round> $rounds the latest first
     * @param list<Benchmark> $benchmarks
     * @param array{float, float}|null $band lengths to practise, metres: of the rounds, or else the coach's for this student
     */
    public function __construct(
        public array $rounds,
        public RoundReport $play,
        public ?Length $inside,
        public array $benchmarks,
        public ?array $band,
    ) {}
}

<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\Surface;
use Amble\Core\Review\BallSelection;
use Amble\Core\Rounds\RoundReport;
use Amble\Core\Rounds\Stakes;
use Amble\Core\Rounds\StakesMissing;
use Amble\Core\Strokes\Player;
use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;
use App\Models\Benchmark;
use App\Models\Round;
use App\Models\Student;
use Illuminate\Support\Collection;

/** Gathers a student's rounds and balls for what a round costs. */
final class RoundStatistics
{
    /** Rounds of longer ago tell of an older game. */
    private const LATEST = 40;

    /** Balls the pace and the start line are told from. */
    private const BALLS = 400;

    public function __construct(private readonly BallReport $looks) {}

    public function of(Student $student, ?Length $inside): RoundSummary
    {
        $rounds = $this->rounds($student);
        $play = self::look($rounds, $inside, $student->unit);
        /** @var Collection<int, Benchmark> $benchmarks */
        $benchmarks = Benchmark::query()
            ->where('workspace_id', $student->workspace_id)
            ->orderBy('figure')
            ->orderBy('length_m')
            ->get();

        return new RoundSummary(
            $rounds,
            $play,
            $inside,
            array_values($benchmarks->all()),
            $play->firstPutts->band() ??
                ($student->band_low_m === null || $student->band_high_m === null
                    ? null
                    : [$student->band_low_m, $student->band_high_m]),
        );
    }

    /**
     * What would save most; half a second's work.
     *
     * @return array{Stakes|StakesMissing, GreenSpeed, bool, bool} with the green it is told for, whether that was
     *     measured, and
     *                                                             whether the first putts are the student's own
     */
    public function stakes(Student $student): array
    {
        $first = self::look($this->rounds($student), null, $student->unit)->firstPutts;
        $all = $this->looks->all($student);
        $asked = self::lately($all);
        $last = $all->latest(1)[0] ?? null;
        $speed = $last?->reading?->reading->speed;
        $told = $speed ?? GreenSpeed::ordinary();

        return [Stakes::of($asked, $told, $first), $told, $speed !== null, $first->areEnough()];
    }

    /** The player a student's balls make; null while they are too few. */
    public function player(Student $student, ?Surface $surface): ?Player
    {
        return Stakes::player(self::lately($this->looks->all($student, $surface)));
    }

    private static function lately(BallSelection $all): BallSelection
    {
        return $all->with($all->latest(self::BALLS));
    }

    /** What rounds come to, for a rule of the insights; null where there is none. */
    public function lookOf(Student $student, ?Length $inside): ?RoundReport
    {
        $rounds = $this->rounds($student);

        return $rounds === [] ? null : self::look($rounds, $inside, $student->unit);
    }

    /** @return list<Round> the latest first */
    private function rounds(Student $student): array
    {
        /** @var Collection<int, Round> $rounds */
        $rounds = Round::query()
            ->where('student_id', $student->id)
            ->orderByDesc('played_on')
            ->orderByDesc('id')
            ->limit(self::LATEST)
            ->get();

        return array_values($rounds->all());
    }

    /** @param list<Round> $rounds */
    private static function look(array $rounds, ?Length $inside, Unit $unit): RoundReport
    {
        return RoundReport::of(array_map(static fn(Round $round) => $round->played(), $rounds), $inside, $unit);
    }
}

<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\Expectation;
use Amble\Core\Drill\Level\Progression;
use Amble\Core\Drill\Pass\PassChances;
use Amble\Core\Drill\StationTally;
use App\Models\PracticeSession;
use App\Models\Student;

/** Gathers what the core needs to run a drill in a session. */
final class DrillStart
{
    public function __construct(private readonly BallRepository $evidence, private readonly DrillFindings $findings) {}

    /** Say what to expect before it starts, at a student's own chances; the session's own where none is named. */
    public function expectation(
        DrillRules $drill,
        int $seed,
        PracticeSession $session,
        ?Student $student = null,
    ): Expectation {
        $student ??= $session->student;
        [$skill, $behind] =
            $student === null
                ? [new PassChances(null, null, null, null), 0]
                : $this->evidence->skill($student, $session->green?->surface);

        return Expectation::of(
            $drill,
            DrillRun::firstRound($drill->playedPast($student->finish_past_m ?? 0.0), $seed),
            $skill,
            $behind,
        );
    }

    /** Say where a drill begins for a session's student, by how it was left; null where nothing says so. */
    public function progression(Drill $card, PracticeSession $session): ?Progression
    {
        $last = $session->student === null ? null : $this->findings->lastTime($session->student, $card->key);
        $progression = Progression::of($card, $last, $session->student?->level, $session->student?->facts()->stepRule);

        return $progression->why === null ? null : $progression;
    }

    /** @return list<float> metres to each station, scattered ones as the seed settles them */
    public static function lengths(DrillRules $drill, int $seed): array
    {
        return array_map(
            static fn(StationTally $tally): float => $tally->lengthMetres,
            DrillRun::fold($drill, [], $seed)->stations,
        );
    }
}

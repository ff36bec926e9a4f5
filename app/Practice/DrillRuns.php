<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\Expectation;
use Amble\Core\Drill\StationTally;
use Amble\Core\Json\JsonInput;
use App\Models\PracticeRun;
use App\Models\PracticeSession;

/** Gathers what the core needs to run a drill in a session. */
final class DrillRuns
{
    public function __construct(private readonly EvidenceRoom $evidence)
    {
    }

    /** Say what to expect before it starts, at this student's own rate and spread. */
    public function expectation(Drill $drill, int $seed, PracticeSession $session): Expectation
    {
        $student = $session->student;
        $hasGate = $drill->aid?->kind === AidKind::Gate && $drill->aid->distance !== null;

        return Expectation::of(
            $drill,
            self::lengths($drill, $seed),
            $student === null ? null : $this->evidence->distanceControl($student, $session->green?->surface),
            $student === null || !$hasGate ? null : $this->evidence->startLineSpread($student),
        );
    }

    /** @return list<float> metres to each station, scattered ones as the seed settles them */
    public static function lengths(Drill $drill, int $seed): array
    {
        return array_map(static fn(StationTally $tally): float => $tally->lengthMetres, DrillRun::fold($drill, [], $seed)->stations);
    }

    public static function drill(PracticeRun $run): Drill
    {
        return DrillReader::read(JsonInput::parse($run->definition));
    }
}

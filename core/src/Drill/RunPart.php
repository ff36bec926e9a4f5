<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Session\LoggedBall;
use Amble\Core\Session\RunChanges;
use Amble\Core\Session\SessionLog;

/** One student's part in a run: in a group everyone runs the drill for themselves. This class is immutable. */
final readonly class RunPart
{
    /**
     * @param string|null $student null where a run is nobody's in particular
     * @param list<LoggedBall> $putts theirs, in the order they were rolled
     * @param non-negative-int|null $station where they began; null for the round's beginning
     * @param int|null $endedAt when somebody ended the run, Unix milliseconds
     */
    private function __construct(
        public ?string $student,
        public array $putts,
        private ?int $station,
        private ?int $endedAt,
    ) {}

    /**
     * Everybody's part. A run begun for one becomes a group's when somebody joins.
     *
     * @param SessionLog $log of this run alone
     * @param list<string> $students it was begun with, in turn; empty for the session's own
     * @param string|null $own the session's own student, whose balls say no name outside a group
     *
     * @return non-empty-list<self>
     */
    public static function all(SessionLog $log, array $students, ?string $own): array
    {
        $notes = array_values($log->runs)[0] ?? new RunChanges();
        $group = self::group($log, $students, $own);
        if ($group === []) {
            return [new self(null, $log->putts, null, $notes->endedAt)];
        }

        return array_map(
            static fn(string $student): self => new self(
                $student,
                array_values(
                    array_filter(
                        $log->putts,
                        static fn(LoggedBall $putt): bool => ($putt->belonging->student ?? $own) === $student,
                    ),
                ),
                in_array($student, $students, true) ? null : $notes->joined[$student] ?? null,
                $notes->endedAt,
            ),
            $group,
        );
    }

    /**
     * Who rolls in turn: those it was begun with, who joined, and whoever rolled in it; none while a run is one
     * student's alone.
     *
     * @param SessionLog $log of this run alone
     * @param list<string> $students
     *
     * @return list<string>
     */
    public static function group(SessionLog $log, array $students, ?string $own): array
    {
        $joined = array_map(strval(...), array_keys((array_values($log->runs)[0] ?? new RunChanges())->joined));
        $rolled = array_filter(
            array_map(static fn(LoggedBall $putt): ?string => $putt->belonging->student, $log->putts),
            is_string(...),
        );
        $others = array_diff([...$joined, ...$rolled], $students, $students === [] ? [$own] : []);
        $first = $students === [] && $others !== [] && $own !== null ? [$own] : $students;

        return array_values(array_unique([...$first, ...$others]));
    }

    /** @param float $finishPast how far past a hole this student plays for, metres */
    public function state(DrillRules $drill, int $seed, float $finishPast = 0.0): DrillState
    {
        return DrillRun::ofPutts($drill->playedPast($finishPast), $this->putts, $seed, $this->station, $this->endedAt);
    }
}

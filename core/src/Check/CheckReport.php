<?php

declare(strict_types=1);

namespace Amble\Core\Check;

use Amble\Core\Change\FindingChange;
use Amble\Core\Report\Finding;
use Amble\Core\Report\TrendPoint;

/** What one check found when it was last made, against the time before and over time. This class is immutable. */
final readonly class CheckReport
{
    /**
     * @param string $session that it was last made in
     * @param int $atMilliseconds of its first try there
     * @param int $n tries there
     * @param list<Finding> $findings of that session
     * @param string|null $since how the first figure stands to the time before, in one sentence
     * @param string|null $cue what to do about it
     * @param list<PictureMark> $marks of that session, oldest first
     * @param list<TrendPoint> $course the first figure session by session, oldest first
     * @param bool $isPastDose whether it is time to stop and do something else
     */
    private function __construct(
        public CheckKind $kind,
        public string $session,
        public int $atMilliseconds,
        public int $n,
        public array $findings,
        public ?string $since,
        public ?string $cue,
        public array $marks,
        public array $course,
        public bool $isPastDose,
    ) {}

    /** @return list<self> one for every check that was ever made, in the order of a session */
    public static function all(StudentChecks $checked): array
    {
        return array_values(
            array_filter(
                array_map(
                    static fn(CheckKind $kind): ?self => self::of($kind, $checked),
                    array_values(CheckKinds::all()),
                ),
            ),
        );
    }

    /** Null where it was never made. */
    public static function of(CheckKind $kind, StudentChecks $checked): ?self
    {
        $sessions = $checked->of($kind->key)->bySession();
        $latest = end($sessions);
        if ($latest === false || $latest->all === []) {
            return null;
        }
        [$before, $course] = [null, []];
        foreach (array_slice($sessions, 0, -1) as $session => $tries) {
            $then = $kind->findings($tries, $checked)[0] ?? null;
            $before = $then ?? $before;
            $course[] = self::point($session, $tries, $then);
        }
        $findings = $kind->findings($latest, $checked);
        $first = $findings[0] ?? null;
        $session = (string) array_key_last($sessions);

        return new self(
            kind: $kind,
            session: $session,
            atMilliseconds: $latest->all[0]->try->atMilliseconds,
            n: $latest->n(),
            findings: $findings,
            since: $first === null || $before === null
                ? null
                : FindingChange::sentence(
                    $before,
                    $first,
                    $before->value === null ? null : $kind->inWords($before->value),
                ),
            cue: $kind->cue($latest, $checked),
            marks: array_map($kind->mark(...), $latest->all),
            course: array_values(array_filter([...$course, self::point($session, $latest, $first)])),
            isPastDose: $kind->dose !== null && self::done($latest) >= $kind->dose,
        );
    }

    private static function point(string $session, CheckAttempts $tries, ?Finding $finding): ?TrendPoint
    {
        return $finding?->value === null
            ? null
            : new TrendPoint(
                $session,
                $tries->all[0]->try->atMilliseconds ?? 0,
                $finding->value,
                $finding->interval,
                $finding->n,
            );
    }

    /** A try that counts repetitions counts as so many. */
    private static function done(CheckAttempts $tries): int
    {
        return (int) array_sum(
            array_map(static fn(MadeAttempt $try): float => $try->number('times') ?? 1.0, $tries->all),
        );
    }
}

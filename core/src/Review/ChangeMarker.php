<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Session\Condition;

/** A break across a student's path: what comes after it is not simply held against what was before. Immutable. */
final readonly class ChangeMarker
{
    /** So long without a session is a lay-off, days. */
    public const LAY_OFF_DAYS = 28;

    private const MILLISECONDS_A_DAY = 86_400_000;

    /** Work on a green after which it rolls and bounces otherwise. */
    private const GREEN_WORK = ['top_dressed' => 'top-dressed', 'cored' => 'cored'];

    /**
     * @param string $kind lay_off, putter, tempo, green or green_work
     * @param string $words what changed
     */
    private function __construct(
        public string $sessionId,
        public int $atMilliseconds,
        public string $kind,
        public string $words,
    ) {}

    /**
     * @param list<Visit> $visits oldest first
     *
     * @return list<self>
     */
    public static function all(array $visits): array
    {
        $changeMarkers = [];
        $before = null;
        [$putter, $tempo] = [null, null];
        foreach ($visits as $visit) {
            foreach (self::words($before, $visit, $putter, $tempo) as $kind => $words) {
                $changeMarkers[] = new self($visit->sessionId, $visit->atMilliseconds, $kind, $words);
            }
            $before = $visit;
            $putter = $visit->putters === [] ? $putter : $visit->putters[count($visit->putters) - 1];
            $tempo = $visit->tempos === [] ? $tempo : $visit->tempos[count($visit->tempos) - 1];
        }

        return $changeMarkers;
    }

    /**
     * @param string|null $putter last one known; likewise $tempo
     *
     * @return array<string, string> by kind
     */
    private static function words(?Visit $before, Visit $visit, ?string $putter, ?int $tempo): array
    {
        if ($before === null) {
            return [];
        }
        $days = intdiv($visit->atMilliseconds - $before->atMilliseconds, self::MILLISECONDS_A_DAY);
        $newPutter = array_values(
            array_filter($visit->putters, static fn(string $its): bool => $putter !== null && $its !== $putter),
        );
        $newTempo = array_values(
            array_filter($visit->tempos, static fn(int $its): bool => $tempo !== null && $its !== $tempo),
        );
        $work = array_values(
            array_filter(
                array_map(
                    static fn(Condition $condition): ?string => self::GREEN_WORK[$condition->value] ?? null,
                    $visit->conditions,
                ),
            ),
        );

        return array_filter([
            'lay_off' => $days >= self::LAY_OFF_DAYS ? sprintf('%d weeks without a session', intdiv($days, 7)) : null,
            'putter' => $newPutter === [] ? null : "other putter: $newPutter[0]",
            'tempo' => $newTempo === [] ? null : "other tempo: $newTempo[0] beats a minute",
            'green' =>
                $visit->green !== null && $before->green !== null && $visit->green !== $before->green
                    ? "other green: $visit->green"
                    : null,
            'green_work' => $work === [] ? null : "the green was $work[0]",
        ]);
    }
}

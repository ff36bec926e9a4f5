<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Contract\FindingShape;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\Surface;
use Amble\Core\Report\Finding;
use Amble\Core\Report\TrendPoint;
use Amble\Core\Review\MeasureReport;
use Amble\Core\Review\ReviewQuestion;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What some balls answer.
 *
 * @property MeasureReport $resource
 */
final class MeasureReportResource extends JsonResource
{
    /**
     * @param list<Surface> $surfaces there are balls of
     * @param array<string, string> $drillNames by key
     */
    public function __construct(
        MeasureReport $look,
        private readonly ?Surface $surface,
        private readonly array $surfaces,
        private readonly array $drillNames,
    ) {
        parent::__construct($look);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $look = $this->resource;

        return [
            'n' => $look->n,
            'window' => DistanceControl::DEFAULT_WINDOW,
            'surface' => $this->surface?->value,
            'surfaces' => array_map(static fn(Surface $one): string => $one->value, $this->surfaces),
            'lengths' => array_map(
                static fn(array $length): array => ['length_m' => $length[0], 'n' => $length[1]],
                $look->lengths,
            ),
            'slopes' => self::picks($look->slopes, 'name'),
            'drills' => array_map(
                fn(string|int $key, int $n): array => [
                    'key' => (string) $key,
                    'name' => $this->drillNames[$key] ?? (string) $key,
                    'n' => $n,
                ],
                array_keys($look->drills),
                array_values($look->drills),
            ),
            'putters' => self::picks($look->putters, 'name'),
            'tempos' => array_map(
                static fn(int $bpm, int $n): array => ['bpm' => $bpm, 'n' => $n],
                array_keys($look->tempos),
                array_values($look->tempos),
            ),
            'parts' => self::picks($look->parts, 'name'),
            'questions' => array_map(
                static fn(string $key, array $findings): array => [
                    'key' => $key,
                    'title' => ReviewQuestion::from($key)->title(),
                    'findings' => array_map(self::finding(...), array_keys($findings), array_values($findings)),
                ],
                array_keys($look->answers),
                array_values($look->answers),
            ),
            'balls' => array_map(self::ball(...), $look->balls),
        ];
    }

    /** @return array<string, mixed> */
    public static function finding(string $key, Finding $finding): array
    {
        return FindingShape::toArray($key, $finding) + ['since' => null];
    }

    /** @return array<string, mixed> */
    public static function coursePoint(TrendPoint $point): array
    {
        return [
            'session_id' => $point->sessionId,
            'at_ms' => $point->atMilliseconds,
            'value' => $point->value,
            'interval' => $point->interval?->toArray(),
            'n' => $point->n,
        ];
    }

    /** @return array<string, mixed> */
    public static function ball(RolledBall $ball): array
    {
        $seen = $ball->ball;

        return [
            'id' => $ball->id,
            'session_id' => $ball->sessionId,
            'at_ms' => $ball->atMilliseconds,
            'target_m' => $seen->target?->metres(),
            'roll_m' => $seen->roll?->metres(),
            'stop' => $seen->stop->value,
            'side_m' => $seen->sight->side,
            'grade_percent' => $seen->grade->percent(),
            'across_percent' => $seen->across->percent(),
            'start' => match (
                $seen->sight->word('gate') ?? ($seen->sight->word('start') ?? $seen->sight->word('spot'))
            ) {
                'left' => 'left',
                'right' => 'right',
                'through', 'on', 'over' => 'on',
                default => null,
            },
            'word' => $ball->lengthWord()?->value,
            'attempt' => $ball->attempt,
            'is_marked' => $seen->remarks->mark !== null,
        ];
    }

    /**
     * @param array<string, int> $counts
     *
     * @return list<array<string, string|int>>
     */
    private static function picks(array $counts, string $field): array
    {
        return array_map(
            static fn(string|int $name, int $n): array => [$field => (string) $name, 'n' => $n],
            array_keys($counts),
            array_values($counts),
        );
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Report\Finding;

/** One measure of several students, or of several times of one, on the same scale. This class is immutable. */
final readonly class MeasureComparison
{
    /**
     * @param list<Finding|null> $findings in the order asked; null where nothing tells it
     * @param list<string|null> $verdicts how each stands to the first; null for the first and where nothing can be said
     */
    private function __construct(
        public string $key,
        public string $question,
        public array $findings,
        public array $verdicts,
    ) {}

    /**
     * @param non-empty-list<BallSelection> $asked
     *
     * @return list<self> those of the drawn measures that any of them tells
     */
    public static function of(array $asked): array
    {
        $rows = [];
        foreach (ReviewQuestion::drawn() as $key => $measure) {
            $findings = array_map(static fn(BallSelection $one): ?Finding => $measure::of($one), $asked);
            $told = array_values(array_filter($findings));
            if ($told !== []) {
                $rows[] = new self(
                    $key,
                    $told[0]->question,
                    $findings,
                    array_map(
                        static fn(int $i): ?string => $i === 0 ||
                        $findings[0] === null ||
                        $findings[$i] === null ||
                        !is_subclass_of($measure, ComparableMeasure::class)
                            ? null
                            : MeasureChange::change($measure, $asked[0], $asked[$i])?->inWords(...$measure::words()) ??
                                'not enough balls yet',
                        array_keys($asked),
                    ),
                );
            }
        }

        return $rows;
    }
}

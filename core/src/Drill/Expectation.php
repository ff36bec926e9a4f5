<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Direction\GateChoice;
use Amble\Core\Drill\Pass\PassChances;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Units\Length;

/** What a drill will take at a student's own chances, told before it starts. This class is immutable. */
final readonly class Expectation
{
    /**
     * @param float|null $balls expected until the end; null where the basis says why not, or when it is never passed
     * @param Forecast|null $forecast with the cap as well, where it rests on the student's own chances
     * @param int $puttsBehind the student's putts it rests on
     * @param Length|null $measuringGate the width that tells most of this student's start line
     */
    private function __construct(
        public ?float $balls,
        public ?Forecast $forecast,
        public ForecastBasis $basis,
        public int $puttsBehind,
        public DrillLimit $cap,
        public ?Length $measuringGate,
    ) {}

    /**
     * @param non-empty-list<PassContext> $round what each ball of the first round is judged against
     * @param PassChances $skill the student's, as far as their evidence tells it
     * @param int $puttsBehind putts it rests on
     */
    public static function of(DrillRules $drill, array $round, PassChances $skill, int $puttsBehind): self
    {
        $counted = $drill->end->expectedBalls($drill->onMiss->holdsUp() ? null : (float) count($round));
        $forecast =
            $counted === null && ($drill->end->expectedBalls(1.0) !== null || $drill->end->goal !== null)
                ? Forecast::of($drill, $round, $skill)
                : null;
        $distance = $drill->aid?->kind === AidKind::Gate ? $drill->aid->distance : null;

        return new self(
            $counted ?? $forecast?->balls,
            $forecast,
            self::basis($drill, $round, $skill, $counted !== null, $forecast !== null),
            $puttsBehind,
            $drill->cap,
            $skill->lineSpread === null || $distance === null
                ? null
                : GateChoice::widthFor($skill->lineSpread, $distance),
        );
    }

    /** @param non-empty-list<PassContext> $round */
    private static function basis(
        DrillRules $drill,
        array $round,
        PassChances $skill,
        bool $isCounted,
        bool $isForecast,
    ): ForecastBasis {
        return match (true) {
            $isCounted => ForecastBasis::Count,
            $isForecast => ForecastBasis::Rate,
            $drill->end->expectedBalls(1.0) === null && $drill->end->goal === null => ForecastBasis::OpenEnd,
            // With every figure of a student known, would there be one?
            Forecast::of($drill, $round, new PassChances(0.0, 0.1, 0.0, 0.03)) === null => ForecastBasis::Unknown,
            $skill->spread === null && Forecast::of($drill, $round, new PassChances(null, null, 0.0, 0.03)) === null
                => ForecastBasis::FewPutts,
            default => ForecastBasis::FewStarts,
        };
    }
}

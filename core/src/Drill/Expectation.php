<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Direction\GateChoice;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Drill\Pass\LengthWindow;
use Amble\Core\Units\Length;

/** What a drill will take at a student's own rate, told before it starts. This class is immutable. */
final readonly class Expectation
{
    /**
     * @param list<float>|null $passRates chance to pass by station; null where it is not known
     * @param float|null $balls expected until the end; null where the basis says why not
     * @param int $puttsBehind the student's putts it rests on
     * @param Length|null $measuringGate the width that tells most of this student's start line
     */
    private function __construct(
        public ?array $passRates,
        public ?float $balls,
        public ForecastBasis $basis,
        public int $puttsBehind,
        public Cap $cap,
        public ?Length $measuringGate,
    ) {
    }

    /**
     * @param list<float> $lengths of the stations, metres
     * @param DistanceControl|null $control the student's; null while their putts are few
     * @param float|null $lineSpread of the student's start line, radians; null where it cannot be told
     */
    public static function of(Drill $drill, array $lengths, ?DistanceControl $control, ?float $lineSpread): self
    {
        $rates = $control?->bias === null || $control->spread === null || $control->spread <= 0.0
            ? null
            : PassRate::byLength($drill, $lengths, $control->bias, $control->spread);
        $distance = $drill->aid?->kind === AidKind::Gate ? $drill->aid->distance : null;

        $counted = $drill->end->expectedBalls($drill->onMiss->restarts() ? null : (float) (count($drill->stations) * $drill->ballsEach));

        return new self(
            $rates,
            $counted ?? ($rates === null || $rates === [] ? null : $drill->end->expectedBalls(ExpectedBalls::of($drill, $rates))),
            self::basis($drill, $counted, $rates !== null),
            $control->nMeasured ?? 0,
            $drill->cap,
            $lineSpread === null || $distance === null ? null : GateChoice::widthFor($lineSpread, $distance),
        );
    }

    private static function basis(Drill $drill, ?float $counted, bool $isRateKnown): ForecastBasis
    {
        return match (true) {
            $counted !== null => ForecastBasis::Count,
            $drill->end->expectedBalls(1.0) === null => ForecastBasis::OpenEnd,
            $isRateKnown => ForecastBasis::Rate,
            !$drill->pass instanceof LengthWindow => ForecastBasis::NotByLength,
            default => ForecastBasis::FewPutts,
        };
    }
}

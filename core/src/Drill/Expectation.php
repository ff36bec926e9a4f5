<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Direction\GateChoice;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Units\Length;

/** What a drill will take at a student's own rate, told before it starts. This class is immutable. */
final readonly class Expectation
{
    /**
     * @param list<float>|null $passRates chance to pass by station; null where it is not known
     * @param float|null $balls expected until the end; null likewise
     * @param int $puttsBehind the student's putts it rests on
     * @param Length|null $measuringGate the width that tells most of this student's start line
     */
    private function __construct(
        public ?array $passRates,
        public ?float $balls,
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

        return new self(
            $rates,
            $rates === null || $rates === [] ? null : ExpectedBalls::of($drill, $rates),
            $control->nMeasured ?? 0,
            $drill->cap,
            $lineSpread === null || $distance === null ? null : GateChoice::widthFor($lineSpread, $distance),
        );
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Direction\DirectionFit;
use Amble\Core\Direction\HoleTolerance;
use Amble\Core\Distance\LengthHabit;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\GaussLegendre;
use Amble\Core\Numeric\Normal;

/**
 * What a student's evidence says of their length and start line (maths.md 4 and 5), and the chances that follow
 * for a level putt.
 *
 * The logarithm of the roll and the start line are taken to be normal and independent: a roll scatters by a factor
 * (maths.md 3.2), so it is short by a given length less often than it is long by it. This class is immutable.
 */
final readonly class PassChances
{
    /** Where no reading says how fast the green is, an everyday one. */
    private const EVERYDAY_FEET = 9.0;

    /** Beyond so many spreads nothing is left to count. */
    private const SPREADS = 5.0;
    private const NODES = 48;

    private GreenSpeed $speed;

    /**
     * @param float|null $bias share of length, positive long; null while too few putts at targets are measured
     * @param float|null $spread of the logarithm of the roll, above 0; null with the bias
     * @param float|null $lineBias radians, positive right; null while the start line cannot be told
     * @param float|null $lineSpread radians, above 0; null with the line's bias
     * @param float $past metres that the student rolls past at every length, besides the bias
     */
    public function __construct(
        public ?float $bias,
        public ?float $spread,
        public ?float $lineBias,
        public ?float $lineSpread,
        ?GreenSpeed $speed = null,
        private float $past = 0.0,
    ) {
        $this->speed = $speed ?? GreenSpeed::ofFeet(self::EVERYDAY_FEET);
    }

    /** What putts at targets and a fit of the start line tell; each may be missing. */
    public static function found(?LengthHabit $habit, DirectionFit $line, ?GreenSpeed $speed): self
    {
        return new self($habit?->bias, $habit?->spread, $line->bias, $line->spread, $speed, $habit->past ?? 0.0);
    }

    /**
     * To stop in a stretch: metres past the target, low and high; or, at a hole, to drop on the way to beyond it.
     */
    public function chanceBetween(PassContext $context, float $low, float $high): ?float
    {
        if ($this->spread === null) {
            return null;
        }
        $inside = Normal::cdf($this->score($context, $high)) - Normal::cdf($this->score($context, $low));
        if (!$context->canBeHoled || $this->lineSpread === null) {
            return $inside;
        }

        return $inside +
            $this->integral(
                $context,
                max($high, 0.0),
                INF,
                fn(float $past): float => $this->chanceCaught($context, $past),
            ) +
            // One that drops on its way to where it would have been short of what was asked passes as well.
            ($low > 0.0
                ? $this->integral($context, 0.0, $low, fn(float $past): float => $this->chanceCaught($context, $past))
                : 0.0);
    }

    /**
     * To stop in a stretch that was told, aimed at its middle: the habit of rolling past or short is laid aside for
     * it, the scatter is not. One that drops on the way passes where dropping is no fault.
     */
    public function chanceAimed(PassContext $context, float $low, float $high, bool $mayDrop): ?float
    {
        if ($this->spread === null) {
            return null;
        }
        $aimed = new self(
            (0.5 * ($low + $high)) / $context->length->metres(),
            $this->spread,
            $this->lineBias,
            $this->lineSpread,
            $this->speed,
        );
        $inside = $aimed->chanceBetween($context, $low, $high);

        return $mayDrop || $inside === null || !$context->canBeHoled
            ? $inside
            : Normal::cdf($aimed->score($context, $high)) - Normal::cdf($aimed->score($context, $low));
    }

    /** To start within an angle of the line, radians. */
    public function chanceOnLine(float $halfAngle): ?float
    {
        return $this->lineBias === null || $this->lineSpread === null
            ? null
            : Normal::cdf(($halfAngle - $this->lineBias) / $this->lineSpread) -
                    Normal::cdf((-$halfAngle - $this->lineBias) / $this->lineSpread);
    }

    /** To drop: to get there, on a line that the hole takes at that pace (maths.md 2.4). */
    public function chanceHoled(PassContext $context): ?float
    {
        if ($this->spread === null || $this->lineSpread === null) {
            return null;
        }

        return $this->integral($context, 0.0, INF, fn(float $past): float => $this->chanceCaught($context, $past));
    }

    /** To stop inside a ring, or to drop in its middle where there is a hole. */
    public function chanceInRing(PassContext $context, float $radius): ?float
    {
        if ($this->spread === null || $this->lineSpread === null) {
            return null;
        }
        $inside = $this->integral($context, -$radius, $radius, function (float $past) use ($context, $radius): float {
            $half = atan(sqrt(max(0.0, $radius ** 2 - $past ** 2)) / max(0.01, $context->length->metres() + $past));

            return (float) $this->chanceOnLine($half);
        });

        return $inside +
            ($context->canBeHoled
                ? $this->integral(
                    $context,
                    $radius,
                    INF,
                    fn(float $past): float => $this->chanceCaught($context, $past),
                )
                : 0.0);
    }

    /**
     * Chances of a ball at a hole: holed; else past within a stretch, further past, short. Null where either
     * length or line is not known.
     *
     * @return array{holed: float, past: float, long: float, short: float}|null
     */
    public function chancesAtHole(PassContext $context, float $pastWithin): ?array
    {
        $holed = $this->chanceHoled($context);
        if ($holed === null) {
            return null;
        }
        $short = Normal::cdf($this->score($context, 0.0));
        $past = $this->integral(
            $context,
            0.0,
            $pastWithin,
            fn(float $past): float => 1.0 - $this->chanceCaught($context, $past),
        );

        return [
            'holed' => $holed,
            'past' => $past,
            'long' => max(0.0, 1.0 - $short - $holed - $past),
            'short' => $short,
        ];
    }

    private function chanceCaught(PassContext $context, float $past): float
    {
        $angle = HoleTolerance::largestAngle($context->length, $past, $this->speed);

        return $angle === null ? 0.0 : (float) $this->chanceOnLine($angle);
    }

    /** How many spreads from the middle of this student's rolls a ball lies that stopped so far past, metres. */
    private function score(PassContext $context, float $past): float
    {
        $roll = $context->length->metres() + $past;

        return $roll <= 0.0 ? -INF : log($roll / $this->middle($context)) / max(1e-9, (float) $this->spread);
    }

    /** The middle of this student's rolls at a length, metres: half are longer. */
    private function middle(PassContext $context): float
    {
        return max(0.01, $context->length->metres() * (1.0 + (float) $this->bias) + $this->past) *
            exp(-0.5 * (float) $this->spread ** 2);
    }

    /** @param \Closure(float): float $chance by metres past, weighed by how often a ball comes to lie there */
    private function integral(PassContext $context, float $low, float $high, \Closure $chance): float
    {
        $from = max(-self::SPREADS, $this->score($context, $low));
        $to = $high === INF ? self::SPREADS : min(self::SPREADS, $this->score($context, $high));
        [$middle, $spread, $length] = [$this->middle($context), (float) $this->spread, $context->length->metres()];
        $sum = 0.0;
        foreach ($from < $to ? GaussLegendre::on($from, $to, self::NODES) : [] as [$score, $weight]) {
            $sum +=
                (($weight * exp(-0.5 * $score * $score)) / sqrt(2.0 * M_PI)) *
                $chance($middle * exp($spread * $score) - $length);
        }

        return $sum;
    }
}

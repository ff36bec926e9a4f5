<?php

declare(strict_types=1);

namespace Amble\Core\Strokes;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Roll\AimSolver;

/** The four figures that decide how many putts a player needs, and the pace played for. Immutable. */
final readonly class Player
{
    /** Errors beyond ten lengths are no putting, share of length. */
    private const WILDEST = 10.0;

    /**
     * @param float $lineBias radians, positive right
     * @param float $lineSpread radians, at least 0; a read error adds in quadrature
     * @param float $paceBias share of length, positive long
     * @param float $paceSpread share of length, at least 0
     * @param float $pace metres past a covered hole, at least 0
     */
    private function __construct(
        public float $lineBias,
        public float $lineSpread,
        public float $paceBias,
        public float $paceSpread,
        public float $pace,
    ) {}

    /** An ordinary player, who holes two 6-footers in five: 2.2° and 12 % (maths.md 6). */
    public static function ordinary(float $pace): self
    {
        return self::of(0.0, deg2rad(2.2), 0.0, 0.12, $pace);
    }

    /** @throws InvalidInput If a figure is not finite, or a spread or the pace is below 0. */
    public static function of(float $lineBias, float $lineSpread, float $paceBias, float $paceSpread, float $pace): self
    {
        return new self(
            Check::within($lineBias, -0.5 * M_PI, 0.5 * M_PI, 'start_line.bias_deg'),
            Check::within(Check::notNegative($lineSpread, 'start_line.spread_deg'), 0.0, M_PI, 'start_line.spread_deg'),
            Check::within($paceBias, -self::WILDEST, self::WILDEST, 'distance.bias'),
            Check::within(Check::notNegative($paceSpread, 'distance.spread'), 0.0, self::WILDEST, 'distance.spread'),
            Check::within(Check::notNegative($pace, 'pace_m'), 0.0, AimSolver::LONGEST_PACE, 'pace_m'),
        );
    }

    public function equals(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    /** The same player with a steady fault more: radians to the right, share of length long. */
    public function off(float $line, float $pace): self
    {
        return new self(
            $this->lineBias + $line,
            $this->lineSpread,
            $this->paceBias + $pace,
            $this->paceSpread,
            $this->pace,
        );
    }

    /** The same player with one figure multiplied by a factor of at least 0. */
    public function with(PlayerFigure $skill, float $factor): self
    {
        return new self(
            $this->lineBias * ($skill === PlayerFigure::LineBias ? $factor : 1.0),
            $this->lineSpread * ($skill === PlayerFigure::LineSpread ? $factor : 1.0),
            $this->paceBias * ($skill === PlayerFigure::PaceBias ? $factor : 1.0),
            $this->paceSpread * ($skill === PlayerFigure::PaceSpread ? $factor : 1.0),
            $this->pace,
        );
    }
}

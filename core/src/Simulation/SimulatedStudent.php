<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Feel\LengthCall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * A student whose true stroke is known, so that estimates can be held against the truth.
 *
 * Rolls follow the model the fits assume (maths.md 3.2): ln(D_level/S) = α + β ln B + ε, with ε
 * normal, a share of mishits that come up short, and start lines normal around aim plus face.
 */
final readonly class SimulatedStudent
{
    /**
     * @param float $alpha ln of the relative roll of a 1 m backstroke
     * @param float $beta exponent, usually 1.3 to 2.1
     * @param float $strikeScatter spread of the log roll, 0.08 for an able player
     * @param float $backstrokeScatter spread of the log backstroke around the one meant
     * @param float $aimBias radians, positive right: where the face is set
     * @param float $faceBias radians, positive right: what the stroke adds
     * @param float $lineSpread radians
     * @param float $mishitShare share of putts struck off the middle, in [0, 1)
     * @param float $feelScatter spread of the felt log roll around the true one
     * @param float $beatSeconds one beat of the tempo: back in one, to the ball in one
     * @param float $lengthBias share of the length by which too much is meant, negative too little
     * @param float $readShare of the true break that is read; 1 reads it right
     * @param float $readScatter spread of the read around that, a share of the break
     * @param float $feelBias share by which balls are felt longer than they are
     */
    public function __construct(
        public float $alpha,
        public float $beta,
        public float $strikeScatter,
        public float $backstrokeScatter = 0.05,
        public float $aimBias = 0.0,
        public float $faceBias = 0.0,
        public float $lineSpread = 0.02,
        public float $mishitShare = 0.0,
        public float $feelScatter = 0.08,
        public float $beatSeconds = 0.5,
        public float $lengthBias = 0.0,
        public float $readShare = 1.0,
        public float $readScatter = 0.15,
        public float $feelBias = 0.0,
    ) {}

    /**
     * A stroke that needs a known backstroke for a known relative roll.
     *
     * @param float $backstroke metres that roll exactly one green speed (10 ft on a 10 ft green)
     */
    public static function calibrated(float $backstroke, float $beta, float $strikeScatter): self
    {
        return new self(-$beta * log($backstroke), $beta, $strikeScatter);
    }

    /** Somebody who putts tolerably, aims a little left, and comes back through the face. */
    public static function ordinary(): self
    {
        return self::calibrated(0.32, 1.8, 0.08)->changed([
            'aimBias' => -0.008,
            'faceBias' => 0.014,
            'lineSpread' => 0.018,
            'mishitShare' => 0.05,
            'readShare' => 0.75,
        ]);
    }

    /**
     * The same student with some of it changed, as after weeks of practice or with another putter.
     *
     * @param array<string, float> $changes by the name of the parameter
     */
    public function changed(array $changes): self
    {
        /** @var array<string, float> $now */
        $now = get_object_vars($this);

        return new self(...array_replace($now, $changes));
    }

    /** The backstroke that this stroke needs on average for a level-equivalent roll, metres. */
    public function trueBackstroke(float $levelRoll, GreenSpeed $speed): float
    {
        return exp((log($levelRoll / $speed->metres()) - $this->alpha) / $this->beta);
    }

    /**
     * One ball struck with a given backstroke; null where no ball stops.
     *
     * @param float $bumps spread of the log roll that the surface adds, nobody's fault
     */
    public function strike(
        Length $backstroke,
        GreenSpeed $speed,
        Grade $grade,
        RandomSource $random,
        float $bumps = 0.0,
    ): ?SimulatedPutt {
        $isMishit = $random->uniform() < $this->mishitShare;
        $strike =
            $this->strikeScatter * $random->normal() +
            $bumps * $random->normal() -
            ($isMishit ? 0.2 + 0.2 * $random->uniform() : 0.0);
        $relative = $this->alpha + $this->beta * log($backstroke->metres()) + $strike;
        $line = $this->aimBias + $this->faceBias + $this->lineSpread * $random->normal();
        $felt = exp($relative + $this->feelScatter * $random->normal()) * $speed->metres();
        $roll = (new LineRoll($speed, $grade))->rollOf(exp($relative) * $speed->metres());

        return $roll === null ? null : new SimulatedPutt($backstroke->metres(), $roll, $line, $felt, $isMishit);
    }

    /** A putt meant to roll a length: the student chooses the backstroke, unevenly. */
    public function puttTo(
        Length $target,
        GreenSpeed $believed,
        GreenSpeed $actual,
        Grade $grade,
        RandomSource $random,
    ): ?SimulatedPutt {
        $level = (new LineRoll($believed, $grade))->playsLike($target);
        if ($level === null) {
            return null;
        }
        $backstroke = $this->trueBackstroke($level, $believed) * exp($this->backstrokeScatter * $random->normal());

        return $this->strike(Length::ofMetres($backstroke), $actual, $grade, $random);
    }

    /** What the student would call before looking, from a feel with scatter of its own. */
    public function call(SimulatedPutt $putt, Length $target, float $window): LengthCall
    {
        return LengthCall::of($putt->feltMetres / $target->metres() - 1.0, $window);
    }
}

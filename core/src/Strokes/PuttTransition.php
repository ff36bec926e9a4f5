<?php

declare(strict_types=1);

namespace Amble\Core\Strokes;

use Amble\Core\Green\Physics;
use Amble\Core\Numeric\GaussLegendre;
use Amble\Core\Numeric\Normal;
use Amble\Core\Roll\Capture;

/**
 * One putt from a distance: the chance it is holed, and the law of its leave (maths.md 6).
 *
 * For each rolled length D = (d + p)(1 + e) the caught start lines are an interval, so their
 * chance is exact; what is left is integrated by Gauss–Legendre pieces that end where the
 * integrand has a kink or a jump: at the hole (D = d), where the ball becomes too fast for the hole,
 * at the edges of the caught band, and where a leave comes within reach, for what comes after a putt
 * jumps there (overlooked, a pace of 0 errs by up to 0.016). Cost: O(NODES_D · NODES_LINE) leaves a
 * distance.
 *
 * @internal
 */
final readonly class PuttTransition
{
    /** Tails beyond this many spreads hold less than 1e-9. */
    private const TAIL = 6.2;

    private const NODES_D = 8;

    /** Nodes of less weight than this are left out: all of them together cost no 1e-5 of a putt. */
    private const UNLIKELY = 3e-7;

    /** Spreads of the start line up to this make chances jump along the roll, radians. */
    private const NARROW_LINE = 0.01;
    private const NODES_LINE = 4;

    /** @var array{list<float>, list<float>, float} all start lines, as where no ball is caught */
    private array $allLines;

    /** @param float $reach metres; a leave no longer than this is as good as holed */
    public function __construct(private Player $player, private float $levelDeceleration, private float $reach)
    {
        $this->allLines = $this->missedLines(null, null);
    }

    /**
     * @param float $distance metres to the hole
     *
     * @return array{float, list<float>, list<float>} chance to hole it; leaves, metres; and the chance of each, which
     *     add up to the chance to miss
     */
    public function from(float $distance): array
    {
        $holed = 0.0;
        $leaves = $chances = [];
        [$rolls, $weights] = $this->rolledLengths($distance);
        foreach ($rolls as $i => $rolled) {
            $limit = $this->caughtAngle($rolled, $distance);
            $near = $this->angleWithinReach($rolled, $distance);
            $caught = $limit === null ? 0.0 : $this->lineChance(-$limit, $limit);
            $holed += $weights[$i] * $caught;
            [$squaredTangents, $shares, $sum] =
                $limit === null && $near === null ? $this->allLines : $this->missedLines($limit, $near);
            // Scaled to what the caught band leaves, so that chances add up to one exactly.
            $missed = ($weights[$i] * (1.0 - $caught)) / $sum;
            $squaredAlong = ($distance - $rolled) ** 2;
            $squaredRoll = $rolled * $rolled;
            foreach ($squaredTangents as $k => $squaredTangent) {
                $leaves[] = sqrt($squaredAlong + $squaredRoll * $squaredTangent);
                $chances[] = $missed * $shares[$k];
            }
        }

        // Chances add up to one to rounding, which must not carry the sum past it.
        return [min(1.0, $holed), $leaves, $chances];
    }

    /** @return array{list<float>, list<float>} rolled lengths, metres, and the chance of each */
    private function rolledLengths(float $distance): array
    {
        $meant = $distance + $this->player->pace;
        [$mean, $spread] = [$this->player->paceBias, $this->player->paceSpread];
        if ($spread <= 0.0) {
            return [[max(0.0, $meant * (1.0 + $mean))], [1.0]];
        }
        // Kinks, as standard scores of e: at the hole, and where even the centre is too fast.
        $tooFast = $distance + Physics::CAPTURE_SPEED ** 2 / (2.0 * $this->levelDeceleration);
        $score = static fn(float $rolled): float => ($rolled / $meant - 1.0 - $mean) / $spread;
        [$scores, $weights] = self::normalNodes(
            [
                $score(0.0),
                $score($distance),
                $score($tooFast),
                $score($distance - $this->reach),
                $score($distance + $this->reach),
                ...array_map($score, $this->jumpsOfOneLine($distance)),
            ],
            self::NODES_D,
        );
        $sum = array_sum($weights);

        return [
            array_map(static fn(float $each): float => max(0.0, $meant * (1.0 + $mean + $spread * $each)), $scores),
            array_map(static fn(float $weight): float => $weight / $sum, $weights),
        ];
    }

    /**
     * Rolled lengths at which a narrow start line turns from caught to missed, or its leave comes within reach: with
     * hardly any spread of the line, chances jump there. None for an ordinary spread, which rounds them off.
     *
     * @return list<float> metres
     */
    private function jumpsOfOneLine(float $distance): array
    {
        [$mean, $spread] = [abs($this->player->lineBias), $this->player->lineSpread];
        if ($spread > self::NARROW_LINE) {
            return [];
        }
        $jumps = [];
        foreach ($spread > 0.0 ? [$mean - 3.0 * $spread, $mean, $mean + 3.0 * $spread] : [$mean] as $line) {
            $tan = tan(min(1.5, abs($line)));
            $speed = Physics::CAPTURE_SPEED * (1.0 - (($distance * $tan) / Physics::HOLE_RADIUS) ** 2);
            if ($speed > 0.0) {
                $jumps[] = $distance + $speed ** 2 / (2.0 * $this->levelDeceleration);
            }
            // (d − D)² + (D tan ψ)² = reach², solved for D.
            $root = $distance ** 2 - (1.0 + $tan ** 2) * ($distance ** 2 - $this->reach ** 2);
            if ($root > 0.0) {
                array_push(
                    $jumps,
                    ($distance - sqrt($root)) / (1.0 + $tan ** 2),
                    ($distance + sqrt($root)) / (1.0 + $tan ** 2),
                );
            }
        }

        return $jumps;
    }

    /** Largest |ψ| of a ball of this roll that stops within reach, radians; null for one too far along the line. */
    private function angleWithinReach(float $rolled, float $distance): ?float
    {
        $along = abs($rolled - $distance);

        return $rolled <= 0.0 || $along >= $this->reach ? null : atan(sqrt($this->reach ** 2 - $along ** 2) / $rolled);
    }

    /** Largest |ψ| caught by a ball that would roll so far, radians; null for a short or too fast one. */
    private function caughtAngle(float $rolled, float $distance): ?float
    {
        if ($rolled < $distance) {
            return null;
        }
        $offset = Capture::offsetLimit(sqrt(2.0 * $this->levelDeceleration * ($rolled - $distance)));

        return $offset === null ? null : atan($offset / $distance);
    }

    /** Chance that the start line lies between two angles. */
    private function lineChance(float $low, float $high): float
    {
        [$mean, $spread] = [$this->player->lineBias, $this->player->lineSpread];
        if ($spread <= 0.0) {
            return $mean >= $low && $mean <= $high ? 1.0 : 0.0;
        }

        return Normal::cdf(($high - $mean) / $spread) - Normal::cdf(($low - $mean) / $spread);
    }

    /**
     * Start lines outside the caught band.
     *
     * @param float|null $limit edge of the caught band, radians
     * @param float|null $near edge of what stops within reach, radians
     *
     * @return array{list<float>, list<float>, float} tan² of each, its weight, and the sum of all weights
     */
    private function missedLines(?float $limit, ?float $near): array
    {
        [$mean, $spread] = [$this->player->lineBias, $this->player->lineSpread];
        if ($spread <= 0.0) {
            return $limit !== null && abs($mean) <= $limit ? [[], [], 1.0] : [[tan($mean) ** 2], [1.0], 1.0];
        }
        $kinks = [];
        foreach ([$limit, $near] as $edge) {
            if ($edge !== null) {
                $kinks[] = (-$edge - $mean) / $spread;
                $kinks[] = ($edge - $mean) / $spread;
            }
        }
        [$scores, $weights] = self::normalNodes(
            $kinks,
            self::NODES_LINE,
            $limit === null ? null : (-$limit - $mean) / $spread,
            $limit === null ? null : ($limit - $mean) / $spread,
        );
        $squaredTangents = [];
        foreach ($scores as $z) {
            $line = $mean + $spread * $z;
            $tangent = tan($line > 1.5 ? 1.5 : ($line < -1.5 ? -1.5 : $line));
            $squaredTangents[] = $tangent * $tangent;
        }

        // Nothing is left of the tails where the caught band reaches past them.
        return [$squaredTangents, $weights, $weights === [] ? 1.0 : array_sum($weights)];
    }

    /**
     * Nodes of a standard normal between its tails, in pieces that end at the given kinks.
     *
     * @param list<float> $kinks standard scores, in any order; those in the tails are left out
     * @param positive-int $perPiece
     * @param float|null $leftOutFrom start of a stretch between two kinks that is left out; null for none
     * @param float|null $leftOutTo its end
     *
     * @return array{list<float>, list<float>} nodes, and the weight of each; all weights, with what is left out, add
     *     up to the same
     */
    private static function normalNodes(
        array $kinks,
        int $perPiece,
        ?float $leftOutFrom = null,
        ?float $leftOutTo = null,
    ): array {
        // Whole pieces are broken in the middle too: a bump of width one needs it.
        $ends = [-self::TAIL, -2.0, 0.0, 2.0, self::TAIL];
        foreach ($kinks as $kink) {
            if (abs($kink) < self::TAIL) {
                $ends[] = $kink;
            }
        }
        sort($ends);
        $nodes = $weights = [];
        $rule = GaussLegendre::rule($perPiece);
        $low = $ends[0];
        foreach ($ends as $high) {
            $half = 0.5 * ($high - $low);
            $centre = 0.5 * ($low + $high);
            $low = $high;
            if ($half < 5e-13 || ($centre > $leftOutFrom && $centre < $leftOutTo)) {
                continue;
            }
            foreach ($rule as [$node, $weight]) {
                $z = $centre + $half * $node;
                $share = $half * $weight * exp(-0.5 * $z * $z);
                if ($share > self::UNLIKELY) {
                    $nodes[] = $z;
                    $weights[] = $share;
                }
            }
        }

        return [$nodes, $weights];
    }
}

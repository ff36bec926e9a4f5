<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Distance\DistanceControl;
use Amble\Core\Green\Physics;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Roll\AimSolution;
use Amble\Core\Roll\LineFinder;
use Amble\Core\Roll\Roller;

/**
 * A putt whose aim and pace were called before anything was shown, and what such a ball does. An aim is held against
 * the one its own pace needs: aims of different paces are never compared. This class is immutable.
 */
final readonly class QuizAnswer
{
    /** An aim is right within a hole's radius, or within a tenth of the break where that is more. Ours. */
    private const NEAR = 0.1;

    private const CLOSE = 1e-4;

    /**
     * @param float $aim called, metres beside the middle of the hole, positive right
     * @param float $plays called: the level roll it is struck for, metres
     * @param AimSolution $real at the pace that is meant
     * @param float $needed aim that the called pace needs, metres; that of the meant pace where the called one does not
     *     get there
     */
    private function __construct(
        public PuttSituation $putt,
        public float $aim,
        public float $plays,
        public AimSolution $real,
        public float $needed,
        public float $speed,
        public float $line,
    ) {}

    /** Null for a putt nobody can read. */
    public static function of(PuttSituation $putt, float $aim, float $plays): ?self
    {
        $real = PaceLine::of($putt, PaceKind::Meant)->read;
        $aimed = $real?->aimOffset();
        if ($real === null || $aimed === null) {
            return null;
        }
        $speed = sqrt(2.0 * $putt->surface->deceleration * $plays);
        $hole = $putt->length->metres();
        $line = (new LineFinder(new Roller($putt->surface), $hole, self::CLOSE))->throughCentre(
            $speed,
            (float) $real->startLine(),
        );

        return new self(
            $putt,
            $aim,
            $plays,
            $real,
            $line === null ? $aimed : $hole * tan($line),
            $speed,
            atan($aim / $hole),
        );
    }

    /** As it was sent. Null for a putt nobody can read. */
    public static function read(JsonInput $told): ?self
    {
        return self::of(
            PuttSituation::read($told->object('putt')),
            Check::within($told->number('aim_m'), -20.0, 20.0, $told->path('aim_m')),
            Check::within($told->number('plays_m'), 0.05, 80.0, $told->path('plays_m')),
        );
    }

    /** How much further to the high side it would have had to be, metres; negative for too much break called. */
    public function underread(): float
    {
        return ($this->needed <=> 0.0) * ($this->needed - $this->aim);
    }

    /** What was called of the pace against what is right, as a share of the right one. */
    public function paceError(): float
    {
        return $this->plays / (float) $this->real->playsLike() - 1.0;
    }

    public function isAimRight(): bool
    {
        return abs($this->needed - $this->aim) <=
            max(Physics::HOLE_RADIUS, self::NEAR * abs($this->needed)) + Check::SLACK;
    }

    /** As a ball is inside its window. */
    public function isPaceRight(): bool
    {
        return abs($this->paceError()) <= DistanceControl::DEFAULT_WINDOW + Check::SLACK;
    }

    public function isRight(): bool
    {
        return $this->isAimRight() && $this->isPaceRight();
    }

    /** What the ball that was called does. */
    public function ball(): StrikeError
    {
        return StrikeError::struck('called', $this->putt->surface, $this->putt->length, $this->speed, $this->line);
    }

    /** @return list<array{float, float}> its way, metres */
    public function path(): array
    {
        return (new Roller($this->putt->surface))->trace($this->speed, $this->line, $this->putt->length->metres())
            ->path;
    }

    /** @return list<array{float, float}> the way of the right one */
    public function rightPath(): array
    {
        return PaceLine::of($this->putt, PaceKind::Meant)->path;
    }
}

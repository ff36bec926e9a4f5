<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Roll\AimSolution;
use Amble\Core\Roll\BallState;
use Amble\Core\Roll\Ground;
use Amble\Core\Roll\Roller;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** What becomes of a putt that is struck a little otherwise than it was read. This class is immutable. */
final readonly class StrikeError
{
    /** The asked-for slips: a degree off line, a tenth of the roll off pace. */
    public const DEGREE = 1.0;
    public const TENTH = 0.1;

    /**
     * @param string $key 'left' or 'right' by a degree, 'short' or 'long' by a tenth
     * @param BallState|null $rest null where it does not come to rest
     * @param Grade|null $backAlong of the way back to the hole, as it is played, on the plane; a step that lies between
     *     is not
     *                              told. Null for one that dropped
     */
    private function __construct(
        public string $key,
        public bool $isHoled,
        public ?BallState $rest,
        public ?float $leave,
        public ?Grade $backAlong,
        public ?Grade $backAcross,
    ) {}

    /** @return list<self> */
    public static function all(Ground $surface, Length $length, AimSolution $read): array
    {
        [$line, $speed] = [$read->startLine(), $read->startSpeed()];
        if ($line === null || $speed === null) {
            return [];
        }
        // What a ball rolls goes with the square of its speed.
        return [
            self::struck('left', $surface, $length, $speed, $line - deg2rad(self::DEGREE)),
            self::struck('right', $surface, $length, $speed, $line + deg2rad(self::DEGREE)),
            self::struck('short', $surface, $length, $speed * sqrt(1.0 - self::TENTH), $line),
            self::struck('long', $surface, $length, $speed * sqrt(1.0 + self::TENTH), $line),
        ];
    }

    /** One ball struck so. */
    public static function struck(string $key, Ground $surface, Length $length, float $speed, float $line): self
    {
        $hole = $length->metres();
        $rolled = (new Roller($surface))->roll($speed, $line, $hole);
        $rest = $rolled->rest;
        if ($rolled->isHoled() || $rest === null || !$surface->holdsAt($rest->x)) {
            return new self($key, $rolled->isHoled(), null, null, null, null);
        }
        [$x, $y] = [$hole - $rest->x, -$rest->y];
        $leave = hypot($x, $y);
        [$ux, $uy] = $leave > 0.0 ? [$x / $leave, $y / $leave] : [1.0, 0.0];
        [$gx, $gy] = [$surface->along->ratio(), $surface->across->ratio()];

        return new self(
            $key,
            false,
            $rest,
            $leave,
            Grade::ofRatio($gx * $ux + $gy * $uy),
            Grade::ofRatio($gy * $ux - $gx * $uy),
        );
    }

    /** How it comes back, of a leave that is a putt: "uphill, breaking left". Null where there is nothing to say. */
    public function back(): ?string
    {
        if ($this->leave === null || $this->leave < ExpectedPutts::NEAREST) {
            return null;
        }

        return SlopeWords::of((float) $this->backAlong?->percent(), (float) $this->backAcross?->percent());
    }
}

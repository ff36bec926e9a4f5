<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Roll\AimSolution;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\LineFinder;
use Amble\Core\Roll\NoAimReason;
use Amble\Core\Roll\Roller;
use Amble\Core\Units\Length;

/**
 * A pace point before the hole: where the ball is to be spent, because the ground beyond takes it on.
 *
 * Its start speed is that of a ball that would stop at the point if the ground did not fall away; its line is the one
 * over the hole's centre at that speed on the ground as it is. A point right at the brow leaves the ball there: it lies
 * a little beyond. This class is immutable.
 */
final readonly class PacePoint
{
    private const STOPS_THERE = 'A ball that stops at that point stays there: it does not reach the hole.';
    private const CLOSE = 1e-5;

    /**
     * @param float|null $beyond how far past the covered hole it then runs, metres
     * @param list<array{float, float}> $path
     */
    private function __construct(
        public ?AimSolution $read,
        public ?float $beyond,
        public ?string $reason,
        public array $path,
    ) {}

    public static function of(PuttSituation $putt): self
    {
        $hole = $putt->length->metres();
        $point = $hole - (float) $putt->pacePoint;
        $tier = $putt->surface->tier;
        // A fall that goes on beyond the point is what is to take the ball on: it does not belong to the way there.
        $before =
            $tier !== null && $tier->height < 0.0 && $tier->end() > $point
                ? $putt->surface->withoutTier()
                : $putt->surface;
        $spent = (new AimSolver($before, Length::ofMetres($point), 0.0))->read();
        $speed = $spent->startSpeed();
        if ($speed === null) {
            return new self(null, null, $spent->reason?->sentence(), []);
        }
        $roller = new Roller($putt->surface);
        $line = (new LineFinder($roller, $hole, self::CLOSE))->throughCentre($speed, (float) $spent->startLine());
        $rolled = $line === null ? null : $roller->trace($speed, $line, $hole);
        if (
            $line === null ||
            $rolled?->beyond === null ||
            $rolled->rest === null ||
            !$putt->surface->holdsAt($rolled->rest->x)
        ) {
            return new self(null, null, $line === null ? self::STOPS_THERE : NoAimReason::RunsAway->sentence(), []);
        }

        return new self(
            AimSolution::solved($putt->surface, $hole, $line, $speed, $rolled->closest->speed()),
            $rolled->beyond,
            null,
            $rolled->path,
        );
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Green\Physics;
use Amble\Core\Units\Length;

/** How far off centre a ball may pass a target and still meet it, and what that is as a start line. Immutable. */
final readonly class EffectiveWidth
{
    /** A wooden tee is so thick, metres. */
    private const TEE = 0.005;

    private function __construct(public string $target, public float $half, public float $degrees) {}

    /** @return list<self> the same putt to a hole, a ball and a tee */
    public static function all(Length $length): array
    {
        $one = static fn(string $target, float $half): self => new self(
            $target,
            $half,
            rad2deg(atan($half / $length->metres())),
        );

        return [
            $one('hole', Physics::HOLE_RADIUS),
            $one('ball', 2.0 * Physics::BALL_RADIUS),
            $one('tee', Physics::BALL_RADIUS + 0.5 * self::TEE),
        ];
    }
}

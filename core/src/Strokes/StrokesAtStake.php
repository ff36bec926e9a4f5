<?php

declare(strict_types=1);

namespace Amble\Core\Strokes;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Units\Length;

/**
 * What each skill costs: the fall in expected putts per 18 when it alone gets a quarter better
 * (maths.md 6). The ranking is what to practise next. This class is immutable.
 */
final readonly class StrokesAtStake
{
    private const BETTER = 0.75;
    private const HOLES = 18;

    /**
     * @param float|null $expectedPer18 null for a pace nobody can hole
     * @param array<string, float> $stakes putts per 18 by skill, largest first; none is negative
     */
    private function __construct(public ?float $expectedPer18, public array $stakes) {}

    /** @param non-empty-list<array{Length, float}> $mix first-putt lengths and their weights */
    public static function of(Player $player, GreenSpeed $speed, array $mix): self
    {
        $now = (new ExpectedPutts($player, $speed))->over($mix);
        if ($now === null) {
            return new self(null, []);
        }
        $stakes = [];
        foreach (PlayerFigure::cases() as $skill) {
            $better = $player->with($skill, self::BETTER);
            // Where there is nothing to better, nothing is at stake.
            $then = $better->equals($player) ? $now : (new ExpectedPutts($better, $speed))->over($mix);
            $stakes[$skill->value] = self::HOLES * max(0.0, $now - ($then ?? $now));
        }
        arsort($stakes);

        return new self(self::HOLES * $now, $stakes);
    }
}

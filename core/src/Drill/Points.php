<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Pass\PassChances;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Session\Ball;
use Amble\Core\Session\Stop;

/** What a ball is worth: holed, just past, long, short. Whole points; penalties are negative. */
final readonly class Points
{
    private const MOST = 100;

    private function __construct(
        private int $holed,
        private int $past,
        private int $long,
        private int $short,
        private float $pastWithin,
    ) {}

    /** @throws InvalidInput If a worth is missing or not a whole number. */
    public static function read(JsonInput $points): self
    {
        $points->only(['holed', 'past', 'long', 'short', 'past_within_m']);
        $worth = static fn(string $field): int => $points->wholeNumber($field, -self::MOST, self::MOST);

        return new self(
            $worth('holed'),
            $worth('past'),
            $worth('long'),
            $worth('short'),
            Check::positive($points->number('past_within_m'), $points->path('past_within_m')),
        );
    }

    public function of(Ball $ball, PassContext $context): int
    {
        $past = $context->past($ball);

        return match (true) {
            $ball->stop === Stop::Holed => $this->holed,
            $past < -Check::SLACK => $this->short,
            $past <= $this->pastWithin + Check::SLACK => $this->past,
            default => $this->long,
        };
    }

    /**
     * What a ball may bring at a student's own chances, and how likely each is; null where those are not known.
     *
     * @return list<array{int, float}>|null
     */
    public function chances(PassContext $context, PassChances $skill): ?array
    {
        $chances = $context->canBeHoled ? $skill->chancesAtHole($context, $this->pastWithin) : null;

        return $chances === null
            ? null
            : [
                [$this->holed, $chances['holed']],
                [$this->past, $chances['past']],
                [$this->long, $chances['long']],
                [$this->short, $chances['short']],
            ];
    }

    /** The most one ball can bring. */
    public function most(bool $canBeHoled): int
    {
        return max($this->past, $this->long, $this->short, $canBeHoled ? $this->holed : $this->past);
    }
}

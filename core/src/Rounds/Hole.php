<?php

declare(strict_types=1);

namespace Amble\Core\Rounds;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Units\Length;

/** One hole of a round as far as it was putted; what nobody noted is null. This class is immutable. */
final readonly class Hole
{
    public const MOST_PUTTS = 9;

    /**
     * @param Length|null $first the first putt's length
     * @param int<0, 9>|null $putts on the green; 0 where one was holed from off it
     * @param Length|null $leave after the first putt
     * @param bool $isExtreme a slope on which three putts are nobody's fault
     */
    private function __construct(
        public ?Length $first,
        public ?int $putts,
        public ?Length $leave,
        public ?MissSide $side,
        public bool $isExtreme,
    ) {}

    public static function of(
        ?Length $first,
        ?int $putts,
        ?Length $leave = null,
        ?MissSide $side = null,
        bool $isExtreme = false,
    ): self {
        return new self(
            $first,
            $putts === null ? null : max(0, min(self::MOST_PUTTS, $putts)),
            $leave,
            $side,
            $isExtreme,
        );
    }

    /** @throws InvalidInput If a field is unusable. */
    public static function read(JsonInput $hole): self
    {
        $length = static fn(string $field): ?Length => $hole->has($field)
            ? Length::ofMetres($hole->number($field), $hole->path($field))
            : null;

        return self::of(
            $length('first_m'),
            $hole->has('putts') ? $hole->wholeNumber('putts', 0, self::MOST_PUTTS) : null,
            $length('leave_m'),
            $hole->enumOrNull('side', MissSide::class),
            $hole->flagOr('is_extreme', false),
        );
    }

    public function isThreePutt(): bool
    {
        return $this->putts !== null && $this->putts >= 3;
    }
}

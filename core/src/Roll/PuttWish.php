<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** A putt that is looked for on a mapped hole. Immutable. */
final readonly class PuttWish
{
    /**
     * @param Grade|null $along grade along the line; null where any will do
     * @param Grade|null $across grade across it, rising to the player's right; level asks for a straight one; null where
     *     any will do
     * @param array{float, float}|null $near metres to the right of the hole and up, where it is wanted; null for anywhere
     */
    public function __construct(
        public Length $length,
        public ?Grade $along,
        public ?Grade $across,
        public ?array $near = null,
    ) {}
}

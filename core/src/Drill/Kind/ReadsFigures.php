<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Kind;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** A rule with a class of its own, which describes its kind and is made from its figures. */
interface ReadsFigures
{
    /** What the kind says of itself. */
    public static function card(): KindDescription;

    /**
     * @param array<string, float> $figures by field, as the card reads them
     * @param JsonInput $rule where they stand, for what only their meeting can show to be wrong
     *
     * @throws InvalidInput If the figures contradict one another.
     */
    public static function of(array $figures, JsonInput $rule): self;
}

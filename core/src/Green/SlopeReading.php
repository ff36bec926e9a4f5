<?php

declare(strict_types=1);

namespace Amble\Core\Green;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;
use Amble\Core\Units\Grade;

/** The slope at one place round a hole: metres to the right of it and up from it, rising to the right and up. Immutable. */
final readonly class SlopeReading
{
    public function __construct(public float $xMetres, public float $yMetres, public Grade $right, public Grade $up) {}

    /** @throws InvalidInput At the field that cannot be used. */
    public static function read(JsonInput $reading): self
    {
        $grade = static fn(string $field): Grade => Grade::ofPercent($reading->number($field), $reading->path($field));

        return new self(
            self::place($reading, 'x_m'),
            self::place($reading, 'y_m'),
            $grade('right_percent'),
            $grade('up_percent'),
        );
    }

    /** @throws InvalidInput If it is further from a hole than anybody reads. */
    public static function place(JsonInput $at, string $field): float
    {
        return Check::within($at->number($field), -HoleMap::FURTHEST, HoleMap::FURTHEST, $at->path($field));
    }
}

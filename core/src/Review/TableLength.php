<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;

/** A length a table answers for. This class is immutable. */
final readonly class TableLength
{
    /** Lengths asked where a session has no stations of its own, in the unit. */
    private const USUAL_FEET = [3, 6, 9, 12, 18, 24, 30, 40];
    private const USUAL_METRES = [1, 2, 3, 4, 6, 8, 10, 12];

    public function __construct(public Length $length, public Grade $grade, public bool $isStation) {}

    /**
     * A session's stations and the usual lengths of a unit, shortest first, each once.
     *
     * @param list<array{Length, Grade}> $stations
     *
     * @return list<self>
     */
    public static function of(array $stations, Unit $unit): array
    {
        $asked = [];
        foreach ($stations as [$length, $grade]) {
            $asked[sprintf('%.3f %.3f', $length->metres(), $grade->percent())] = new self($length, $grade, true);
        }
        foreach ($unit === Unit::Metres ? self::USUAL_METRES : self::USUAL_FEET as $usual) {
            $length = $unit === Unit::Metres ? Length::ofMetres($usual) : Length::ofFeet($usual);
            $asked[sprintf('%.3f %.3f', $length->metres(), 0.0)] ??= new self($length, Grade::level(), false);
        }
        usort($asked, static fn(self $a, self $b): int => $a->length->metres() <=> $b->length->metres());

        return $asked;
    }
}

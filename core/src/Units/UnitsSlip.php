<?php

declare(strict_types=1);

namespace Amble\Core\Units;

/**
 * A length that was said and a count of paces that do not agree: one of them is in another unit, or was
 * miscounted. This class is immutable.
 */
final readonly class UnitsSlip
{
    /** A stated and a paced length further apart than this share of the stated one are not the same length. */
    public const TOLERATED = 0.15;

    /** Units that slip in speech, metres. */
    private const UNITS = [
        'feet' => Length::METRES_PER_FOOT,
        'yards' => 3.0 * Length::METRES_PER_FOOT,
        'metres' => 1.0,
    ];

    /** @param string|null $likely the unit in which the stated number would fit the paces; null when none does */
    private function __construct(public Length $paced, public ?string $likely) {}

    /**
     * @param Length $stated as it was said
     * @param float $saidUnit metres in the unit it was said in
     * @param float $paces counted, above 0
     * @param Length $pace of whoever counted
     *
     * @return self|null null when the two agree
     */
    public static function between(Length $stated, float $saidUnit, float $paces, Length $pace): ?self
    {
        $paced = Length::ofMetres($paces * $pace->metres(), 'paces');
        if (self::apart($stated->metres(), $paced->metres()) <= self::TOLERATED) {
            return null;
        }
        $number = $stated->metres() / $saidUnit;
        $likely = null;
        // Yards and metres may both fit; the nearer one is named.
        $least = self::TOLERATED;
        foreach (self::UNITS as $unit => $metres) {
            $apart = self::apart($number * $metres, $paced->metres());
            if ($apart <= $least) {
                [$likely, $least] = [$unit, $apart];
            }
        }

        return new self($paced, $likely);
    }

    /** As a share of the stated length. */
    private static function apart(float $stated, float $paced): float
    {
        return abs($paced / $stated - 1.0);
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Simulation;

use Amble\Core\Device\DeviceScene;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\HoleMap;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** An invented hole, for trying out how one is mapped: the same ground at every visit. */
final class SimulatedHole
{
    /** Coefficients c₁ to c₉ of its height: it falls from the twelve-o'clock mark to the left. */
    private const GROUND = [0.008, 0.022, 0.0022, -0.0018, 0.0012, 0.0003, -0.0002, 0.00025, -0.0003];

    /** The phone's own error, as it lies, per cent along it and across: two readings half a turn apart cancel it. */
    private const OWN_ERROR = [0.3, -0.4];

    /**
     * What a phone lies on there, its long edge to the twelve-o'clock mark, or turned by half a turn.
     *
     * @param float $x metres to the right of the hole, and $y up from it
     */
    public static function under(float $x, float $y, bool $isTurned): DeviceScene
    {
        $sign = $isTurned ? -1.0 : 1.0;
        [$right, $up] = HoleMap::slopeOn(self::GROUND, $x, $y);

        return new DeviceScene(
            GreenSpeed::ordinary(),
            Length::ofMetres(4.0),
            Grade::ofPercent($sign * 100.0 * $up + self::OWN_ERROR[0]),
            Grade::ofPercent($sign * 100.0 * $right + self::OWN_ERROR[1]),
        );
    }
}

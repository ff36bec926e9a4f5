<?php

declare(strict_types=1);

namespace Amble\Core\Device;

/** One figure of a reading. Immutable. */
final readonly class DeviceField
{
    /**
     * @param string $name the field that it fills
     * @param string $unit in which it is written
     * @param float $error one standard deviation, in that unit
     */
    public function __construct(public string $name, public string $label, public string $unit, public float $error) {}
}

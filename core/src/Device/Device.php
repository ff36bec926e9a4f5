<?php

declare(strict_types=1);

namespace Amble\Core\Device;

/** Something that takes a reading. A real one is another implementation beside the simulated one. */
interface Device
{
    public function kind(): DeviceKind;

    public function source(): FigureSource;

    /** @return array<string, float> by the name of each of its kind's fields, in their units */
    public function read(DeviceScene $scene): array;
}

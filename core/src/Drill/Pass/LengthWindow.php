<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Units\Length;

/** A pass rule that asks only for a stretch of lengths, so that its chance has a closed form. */
interface LengthWindow
{
    /**
     * Where a ball may stop: metres past the target, negative short of it.
     *
     * @param float|null $step the width in force where the drill steps up and down
     *
     * @return array{float, float} low and high
     */
    public function window(Length $length, ?float $step): array;
}

<?php

declare(strict_types=1);

namespace Amble\Core\LookBack;

use Amble\Core\Change\Comparison;

/** One of which a change can be called. */
interface Tracked extends Drawn
{
    /** Then and now by the rule of maths.md 8; null where either has too little. */
    public static function change(Asked $then, Asked $now): ?Comparison;

    /** @return array{string, string} what a positive difference means of now, and what a negative one */
    public static function words(): array;
}

<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Finding;

use Amble\Core\Report\Finding;

/** One kind of finding. One file a kind; listed in FindingKinds. */
interface FindingKind
{
    /** As an editor offers it. */
    public static function label(): string;

    /** What these balls tell; null where none of them tells anything of it. */
    public static function of(FindingBalls $run): ?Finding;
}

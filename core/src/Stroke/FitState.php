<?php

declare(strict_types=1);

namespace Amble\Core\Stroke;

/** How far a backstroke fit may be trusted (maths.md 3.4). */
enum FitState: string
{
    case None = 'none';
    case Provisional = 'provisional';
    case Fitted = 'fitted';
}

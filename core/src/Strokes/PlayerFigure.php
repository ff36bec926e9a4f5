<?php

declare(strict_types=1);

namespace Amble\Core\Strokes;

/** What may be practised to need fewer putts. */
enum PlayerFigure: string
{
    case LineSpread = 'line_spread';
    case LineBias = 'line_bias';
    case PaceSpread = 'pace_spread';
    case PaceBias = 'pace_bias';
}

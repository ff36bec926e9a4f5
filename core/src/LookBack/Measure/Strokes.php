<?php

declare(strict_types=1);

namespace Amble\Core\LookBack\Measure;

use Amble\Core\Evidence\ForStroke;
use Amble\Core\LookBack\Asked;
use Amble\Core\Stroke\FitState;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Stroke\StrokeFitter;

/** What the measures of the stroke share: the line through these balls, once there are enough for one. */
final class Strokes
{
    /** Null before there is a line of their own. */
    public static function fit(Asked $asked): ?StrokeFit
    {
        return $asked->once('stroke', static function (Asked $some): ?StrokeFit {
            $fit = (new StrokeFitter())->fit(array_values((new ForStroke($some->surface))->putts($some->balls)));

            return $fit->state === FitState::Fitted ? $fit : null;
        });
    }
}

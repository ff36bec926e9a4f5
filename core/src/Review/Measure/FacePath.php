<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Direction\ImpactModel;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;

/**
 * Face and path as a sensor measured them, and the start that they add up to (maths.md 4.3), degrees, positive right.
 */
final class FacePath implements Measure
{
    public static function of(BallSelection $asked): ?Finding
    {
        $balls = array_values(
            array_filter(
                $asked->having('face_deg')->balls(),
                static fn(RolledBall $ball): bool => $ball->ball->remarks->mark === null &&
                    $ball->ball->sight->number('face_deg') !== null &&
                    $ball->ball->sight->number('path_deg') !== null,
            ),
        );
        if ($balls === []) {
            return null;
        }
        $values = static fn(string $name): array => array_map(
            static fn(RolledBall $ball): float => (float) $ball->ball->sight->number($name),
            $balls,
        );
        [$face, $path] = [$values('face_deg'), $values('path_deg')];
        $row = Means::row('Face', FindingUnit::Angle, $face);
        $start = ImpactModel::ofFaceShare()->startLine(deg2rad(Sample::mean($face)), deg2rad(Sample::mean($path)));

        return new Finding(
            'Where do face and path send it?',
            sprintf(
                'The face is %s at contact, the path %s: together they start the ball %s.%s',
                FigureText::degrees(deg2rad(Sample::mean($face))),
                FigureText::degrees(deg2rad(Sample::mean($path))),
                FigureText::degrees($start),
                StartLines::few(count($balls)),
            ),
            FindingUnit::Angle,
            rad2deg($start),
            null,
            count($balls),
            null,
            [$row, Means::row('Path', FindingUnit::Angle, $path)],
        );
    }
}

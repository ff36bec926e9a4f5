<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Check\Kind\Aim;
use Amble\Core\Check\MadeAttempt;
use Amble\Core\Direction\AimAndStroke;
use Amble\Core\Numeric\Interval;
use Amble\Core\Numeric\Normal;
use Amble\Core\Numeric\Sample;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;

/** Where the face pointed, where balls started, and what the stroke adds between the two (maths.md 4.3), degrees. */
final class AimSplit implements Measure, Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        $aims = [];
        foreach ($balls->having('aim_offset_m')->balls() as $ball) {
            $offset = $ball->ball->sight->number('aim_offset_m');
            if ($offset !== null && $ball->ball->target !== null) {
                $aims[] = atan($offset / BallSelection::length($ball));
            }
        }

        return ['aims' => $aims];
    }

    /** Aim checks below which their mean is nobody's habit. */
    private const FEWEST = 4;

    public static function of(BallSelection $asked): ?Finding
    {
        $split = self::split($asked);
        if ($split === null) {
            return null;
        }
        $aims = self::aims($asked);
        if ($aims === []) {
            return null;
        }
        $n = count($aims);
        $row = static fn(string $name, float $angle, float $error, int $balls): FindingRow => new FindingRow(
            $name,
            FindingUnit::Angle,
            rad2deg($angle),
            $balls,
            Interval::around(rad2deg($angle), Normal::quantile(0.5 + 0.5 * Shares::LEVEL) * rad2deg($error)),
        );
        $stroke = $row('What the stroke adds', $split->strokeBias(), $split->strokeError(), $n);

        return new Finding(
            'Aim, or stroke?',
            sprintf(
                'The face is aimed %s, balls start %s: the stroke adds %s.%s',
                FigureText::degrees($split->aimBias),
                FigureText::degrees($split->startBias),
                FigureText::degrees($split->strokeBias()),
                $split->cancels() ? ' One makes up for the other: do not correct only one.' : '',
            ),
            FindingUnit::Angle,
            $stroke->value,
            $stroke->interval,
            $n,
            null,
            [
                // Told as the aim check tells it: one figure, one range.
                Means::row('Aim of the face', FindingUnit::Angle, array_map(rad2deg(...), $aims)),
                $row('Start line', $split->startBias, $split->startError, StartLines::fit($asked)->n),
                $stroke,
            ],
        );
    }

    /** Null before there are aim checks and an estimated start line. */
    public static function split(BallSelection $asked): ?AimAndStroke
    {
        $aims = self::aims($asked);
        $fit = StartLines::fit($asked);
        if (count($aims) < self::FEWEST || $fit->bias === null || $fit->biasError === null) {
            return null;
        }

        return new AimAndStroke(
            $fit->bias,
            $fit->biasError,
            Sample::mean($aims),
            sqrt((float) Sample::variance($aims) / count($aims)),
        );
    }

    /**
     * @return list<float> radians, positive right: before putts, and in checks of the same sessions on straight ones
     */
    private static function aims(BallSelection $asked): array
    {
        $sessions = $asked->bySession();
        $tries = $asked->checked
            ->of('aim')
            ->where(
                static fn(MadeAttempt $try): bool => isset($sessions[$try->session]) &&
                    in_array($try->word('break'), [null, 'straight'], true),
            );
        /** @var array{aims?: list<float>} $kept */
        $kept = $asked->prepared(self::class);

        return [...array_map(Aim::angle(...), $tries->all), ...$kept['aims'] ?? []];
    }
}

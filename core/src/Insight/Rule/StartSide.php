<?php

declare(strict_types=1);

namespace Amble\Core\Insight\Rule;

use Amble\Core\Direction\DirectionFit;
use Amble\Core\Direction\ImpactModel;
use Amble\Core\Direction\LineCure;
use Amble\Core\Evidence\ForStartLine;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Insight\Insight;
use Amble\Core\Insight\InsightFacts;
use Amble\Core\Insight\Rule;
use Amble\Core\Insight\Significance;
use Amble\Core\Report\FigureText;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure\AimSplit;
use Amble\Core\Review\Measure\StartLines;
use Amble\Core\Student\Hand;

/** Starts to one side: the aim is checked first, then the stroke is cured in the one way held for this student. */
final class StartSide implements Rule
{
    /** Half a degree is five centimetres at six metres: less is not worth a word. */
    private const LEAST = 0.0087;

    public function note(InsightFacts $facts): ?Insight
    {
        $lately = $facts->lately;
        if ($lately === null) {
            return null;
        }
        $fit = StartLines::fit($lately);
        [$left, $right] = StartLines::sides($lately);
        // Sides alone are the stronger evidence where a gate lets many through, and the only one where all miss on one.
        $isClearBySides = Significance::shareAbove(max($left, $right), $left + $right);

        return match (true) {
            $isClearBySides && ($fit->bias === null || StartLines::isGateTooWide($lately)) => self::oneSided(
                $lately,
                $left,
                $right,
            ),
            $fit->bias === null => self::byEye($lately),
            abs($fit->bias) >= self::LEAST &&
                ($isClearBySides || Significance::says($fit->bias, (float) $fit->biasError, self::LEAST))
                => self::estimated($facts, $lately, $fit, $left, $right),
            default => self::byEye($lately),
        };
    }

    /** Told by the coach's eye alone: a side, and no angle. */
    private static function byEye(BallSelection $lately): ?Insight
    {
        ['left' => $left, 'on' => $on, 'right' => $right] = ForStartLine::countsByEye($lately->balls());
        if (!Significance::shareAbove(max($left, $right), $left + $right)) {
            return null;
        }

        return new Insight(
            key: 'start.side',
            seen: sprintf('Balls start %s of the line, judged by eye.', $right > $left ? 'right' : 'left'),
            evidence: sprintf('%d left, %d on line, %d right by eye. A gate shows by how much.', $left, $on, $right),
            cost: (0.7 * max($left, $right)) / ($left + $on + $right),
            sureness: Significance::sureness(($right - $left) / ($right + $left), 1.0 / sqrt($right + $left)),
            stamp: $right > $left ? 'right' : 'left',
            try: 'Check first where the face points before the stroke. Then twenty balls at a gate that half of them pass.',
            otherWay: null,
            refutedBy: 'Twenty balls at a gate, with misses on both sides.',
            school: null,
            balls: array_values(
                array_filter(
                    $lately->balls(),
                    static fn(RolledBall $ball): bool => ForStartLine::byEye($ball) !== null,
                ),
            ),
        );
    }

    /** The angle is not known while all misses are on one side; that they are is. */
    private static function oneSided(BallSelection $lately, int $left, int $right): Insight
    {
        $balls = (new ForStartLine())->of($lately->balls());
        $n = count($balls);

        return new Insight(
            key: 'start.side',
            seen: sprintf('Balls start %s of the line.', $right > $left ? 'right' : 'left'),
            evidence: sprintf(
                'Of %d balls %d started right and %d left. The angle shows once some miss on both sides.',
                $n,
                $right,
                $left,
            ),
            cost: 0.8 * min(1.0, (2.0 * max($left, $right)) / $n),
            sureness: Significance::sureness(($right - $left) / ($right + $left), 1.0 / sqrt($right + $left)),
            stamp: $right > $left ? 'right' : 'left',
            try: 'Check first where the face points before the stroke. Then move the gate half its width to that side.',
            otherWay: null,
            refutedBy: 'Twenty balls at a gate that half of them pass, with misses on both sides.',
            school: null,
            balls: $balls,
        );
    }

    private static function estimated(
        InsightFacts $facts,
        BallSelection $lately,
        DirectionFit $fit,
        int $left,
        int $right,
    ): Insight {
        [$bias, $error, $interval] = [(float) $fit->bias, (float) $fit->biasError, $fit->biasInterval(0.8)];
        $split = AimSplit::split($lately);

        return new Insight(
            key: 'start.side',
            seen: sprintf('Balls start %s of the line.', $bias > 0.0 ? 'right' : 'left'),
            evidence: sprintf(
                '%d balls, %d left and %d right: on average %s, likely %.1f° to %.1f°%s.',
                $fit->n,
                $left,
                $right,
                FigureText::degrees($bias),
                rad2deg($interval->low ?? $bias),
                rad2deg($interval->high ?? $bias),
                $split === null
                    ? ''
                    : sprintf(
                        '; the face is set %s and the stroke adds %s',
                        FigureText::degrees($split->aimBias),
                        FigureText::degrees($split->strokeBias()),
                    ),
            ),
            cost: 0.8 * min(1.0, abs($bias) / 0.02),
            sureness: max(
                Significance::sureness($bias, $error),
                Significance::sureness(($right - $left) / max(1, $right + $left), 1.0 / sqrt(max(1, $right + $left))),
            ),
            stamp: sprintf('%+.0f', rad2deg($bias) * 2.0),
            try: match (true) {
                $split === null => 'Check first where the face points before the stroke: it may be all aim.',
                abs($split->aimBias) > abs($split->strokeBias())
                    => 'It is mostly aim: set the face square to the line, and leave the stroke.',
                default => self::cure($facts->cure, $bias, $lately->hand),
            },
            otherWay: null,
            refutedBy: 'Twenty balls at a gate that half of them pass, with misses on both sides.',
            school: null,
            balls: (new ForStartLine())->of($lately->balls()),
        );
    }

    private static function cure(?LineCure $cure, float $bias, Hand $hand): string
    {
        $model = ImpactModel::ofFaceShare();
        // Away from the feet is a push: to the right for a right-hander.
        $isPush = $bias > 0.0 === ($hand === Hand::Right);

        return match ($cure) {
            LineCure::Turn => sprintf(
                'Turn the whole stroke %s.',
                FigureText::degrees($model->turnOfWholeStroke($bias)),
            ),
            LineCure::Face => sprintf(
                'The face alone, %s: %s.',
                FigureText::degrees($model->turnOfFace($bias)),
                $isPush ? 'against a push the toe passes the heel' : 'against a pull the heel leads the toe',
            ),
            null => 'The aim is good: it is the stroke. Choose one cure on the student\'s profile, and keep to it.',
        };
    }
}

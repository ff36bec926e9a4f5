<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Change\FindingChange;
use Amble\Core\Change\PeriodChange;
use Amble\Core\Change\SessionFigure;
use Amble\Core\Evidence\ForReads;
use Amble\Core\Evidence\RolledBall;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Shares;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ComparableMeasure;
use Amble\Core\Review\Prepares;
use Amble\Core\Student\Hand;

/** Of the misses on breaking putts, how many went by on the low side: the sign of too little break. */
final class LowSide implements ComparableMeasure, Prepares
{
    public static function prepare(BallSelection $balls): array
    {
        $misses = [];
        foreach (self::misses($balls) as $ball) {
            $curves = self::curves($ball);
            $misses[$curves]['n'] = ($misses[$curves]['n'] ?? 0) + 1;
            $misses[$curves]['low'] = ($misses[$curves]['low'] ?? 0) + (int) self::isLow($ball);
        }

        return $misses;
    }

    public static function of(BallSelection $asked): ?Finding
    {
        /** @var array<'left'|'right', array{n: int, low: int}> $misses by the way the putt curves */
        $misses = $asked->prepared(self::class);
        if ($misses === []) {
            return null;
        }
        $whole = Shares::counted('', array_sum(array_column($misses, 'low')), array_sum(array_column($misses, 'n')));
        $rows = [];
        foreach ($misses as $curves => ['n' => $n, 'low' => $low]) {
            $rows[] = Shares::counted(self::curving($curves, $asked->hand), $low, $n);
        }

        return new Finding(
            'High or low?',
            sprintf(
                '%d of %d misses were on the low side%s.%s',
                $whole->count(),
                $whole->n,
                $whole->interval === null ? '' : ', ' . FigureText::likelyShare($whole->interval, $whole->n),
                self::weak($rows),
            ),
            FindingUnit::Share,
            $whole->value,
            $whole->interval,
            $whole->n,
            null,
            $rows,
        );
    }

    public static function figure(BallSelection $session): ?SessionFigure
    {
        $finding = self::of($session);

        return $finding === null ? null : FindingChange::asSession($finding);
    }

    public static function dayToDay(): float
    {
        return PeriodChange::LOGIT;
    }

    public static function words(): array
    {
        return ['more often low', 'less often low'];
    }

    /** @return list<RolledBall> misses on breaking putts whose side was noted */
    public static function misses(BallSelection $asked): array
    {
        return array_values(
            array_filter(
                (new ForReads())->of($asked->balls()),
                static fn(RolledBall $ball): bool => $ball->highOrLow() !== null && $ball->ball->hasDropped() !== true,
            ),
        );
    }

    public static function isLow(RolledBall $ball): bool
    {
        return $ball->highOrLow() === 'low';
    }

    /**
     * The way a putt curves, told from where the student stands: what is feared is mirrored for a left-hander.
     *
     * @param list<RolledBall> $balls
     *
     * @return array<string, non-empty-list<RolledBall>>
     */
    public static function bySide(BallSelection $asked, array $balls): array
    {
        $sides = [];
        foreach ($balls as $ball) {
            $sides[self::curving(self::curves($ball), $asked->hand)][] = $ball;
        }

        return $sides;
    }

    /** @return 'left'|'right' the way a breaking putt curves: ground that rises to the right sends the ball left */
    public static function curves(RolledBall $ball): string
    {
        return $ball->ball->across->ratio() > 0.0 ? 'left' : 'right';
    }

    /** @param string $curves 'left' or 'right' */
    public static function curving(string $curves, Hand $hand): string
    {
        $isTowardsFeet = ($curves === 'left') === ($hand === Hand::Right);

        return sprintf('Curving %s, %s the feet', $curves, $isTowardsFeet ? 'towards' : 'away from');
    }

    /**
     * The weaker side, only where it clearly is.
     *
     * @param list<FindingRow> $rows
     */
    private static function weak(array $rows): string
    {
        if (count($rows) !== 2) {
            return '';
        }
        [$a, $b] = [$rows[0]->interval, $rows[1]->interval];

        return match (true) {
            $a === null || $b === null => '',
            $a->low > $b->high => " {$rows[0]->name} it is more often low.",
            $b->low > $a->high => " {$rows[1]->name} it is more often low.",
            default => '',
        };
    }
}

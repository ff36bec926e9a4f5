<?php

declare(strict_types=1);

namespace Amble\Core\Review\Measure;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RootFinder;
use Amble\Core\Report\FigureText;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Report\Means;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure;
use Amble\Core\Review\Prepares;
use Amble\Core\Roll\AimSolver;
use Amble\Core\Roll\Ground;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/**
 * What the misses say of the ground: a ball aimed beside the hole whose pace was sound needed that aim less what it
 * missed by. The mean of several is the aim of the place, and the slope across it that asks for such an aim is offered
 * as its read.
 *
 * Starts off the aimed line are in its error, not taken out; so it is told with its interval and from several balls
 * only.
 */
final class ImpliedSlope implements Measure, Prepares
{
    /** Fewer balls from one place tell nothing of it. */
    private const FEWEST = 5;

    /** Steeper across nobody putts, rise over run. */
    private const STEEPEST = 0.06;

    public static function of(BallSelection $asked): ?Finding
    {
        $places = self::stationSlopes($asked);
        $rows = array_map(
            static fn(ImpliedStationSlope $place): FindingRow => new FindingRow(
                self::name($place),
                FindingUnit::Metres,
                $place->aim,
                $place->n,
                $place->likely,
            ),
            $places,
        );

        return $places === []
            ? null
            : new Finding(
                'What do the misses say about the slope?',
                implode(' ', array_map(self::sentence(...), $places)),
                FindingUnit::Metres,
                null,
                null,
                array_sum(array_column($places, 'n')),
                null,
                $rows,
            );
    }

    public static function prepare(BallSelection $balls): array
    {
        $places = [];
        foreach ($balls->having('read_amount_m')->balls() as $ball) {
            if (self::isUsable($ball)) {
                // On another green, or another day's, the same length is another putt.
                $name = sprintf(
                    '%s %d %.2f %.2f %.2f',
                    $ball->sessionId,
                    $ball->isAtHole,
                    BallSelection::length($ball),
                    $ball->ball->grade->percent(),
                    $ball->ball->across->percent(),
                );
                $places[$name]['putt'] ??= [
                    BallSelection::length($ball),
                    $ball->ball->grade->percent(),
                    $ball->ball->across->percent(),
                    $ball->speed()?->metres(),
                    (int) $ball->isAtHole,
                ];
                $places[$name]['needed'][] = self::needed($ball);
            }
        }

        // Fewer balls from one place tell nothing of it.
        return array_filter($places, static fn(array $place): bool => count($place['needed']) >= self::FEWEST);
    }

    /** @return list<ImpliedStationSlope> of each place that several balls tell of */
    public static function stationSlopes(BallSelection $asked): array
    {
        /** @var array<string, array{putt: array{float, float, float, float|null, int}, needed: non-empty-list<float>}> $places */
        $places = $asked->prepared(self::class);

        return array_values(
            array_map(static function (array $place) use ($asked): ImpliedStationSlope {
                [$length, $along, $across, $speed, $isAtHole] = $place['putt'];
                $row = Means::row('', FindingUnit::Metres, $place['needed']);

                return new ImpliedStationSlope(
                    $length,
                    $along,
                    $across,
                    (float) $row->value,
                    $row->interval,
                    $speed === null
                        ? null
                        : self::slope(
                            static fn(float $its): ?float => (new AimSolver(
                                new Ground(
                                    GreenSpeed::ofMetres($speed),
                                    Grade::ofPercent($along),
                                    Grade::ofRatio($its),
                                ),
                                Length::ofMetres($length),
                                $isAtHole === 1 ? $asked->pace : 0.0,
                            ))
                                ->read()
                                ->aimOffset(),
                            (float) $row->value,
                        ),
                    $row->n,
                );
            }, $places),
        );
    }

    private static function isUsable(RolledBall $ball): bool
    {
        $sight = $ball->ball->sight;
        $side = $sight->word('read_side');

        return $ball->ball->remarks->mark === null &&
            $sight->number('read_amount_m') !== null &&
            ($side === 'left' || $side === 'right') &&
            ($sight->number('side_m') !== null || $ball->ball->hasDropped() === true) &&
            ReadError::hasSoundPace($ball);
    }

    /** The aim it would have needed, metres beside the middle of the hole, positive right. */
    private static function needed(RolledBall $ball): float
    {
        $sight = $ball->ball->sight;
        // A putt that breaks left is aimed right.
        $aimed = (float) $sight->number('read_amount_m') * ($sight->word('read_side') === 'left' ? 1.0 : -1.0);

        return $aimed - ($ball->ball->hasDropped() === true ? 0.0 : (float) $sight->number('side_m'));
    }

    /**
     * The slope across that asks for an aim, per cent; null where none does.
     *
     * @param \Closure(float): (float|null) $asks the aim that a slope across asks for, metres, of rise over run
     */
    private static function slope(\Closure $asks, float $aim): ?float
    {
        [$low, $high] = [$asks(-self::STEEPEST), $asks(self::STEEPEST)];
        if ($low === null || $high === null || $aim <= $low || $aim >= $high) {
            return null;
        }

        return 100.0 *
            RootFinder::brent(
                static fn(float $across): float => ($asks($across) ?? $aim) - $aim,
                -self::STEEPEST,
                self::STEEPEST,
                1e-5,
            );
    }

    private static function name(ImpliedStationSlope $place): string
    {
        return 'From ' . FigureText::metres($place->length);
    }

    private static function sentence(ImpliedStationSlope $place): string
    {
        [$slope, $card, $likely] = [$place->across, $place->card, $place->likely];

        return sprintf(
            '%s the balls needed %s %s of the middle%s%s.',
            self::name($place),
            FigureText::metres(abs($place->aim)),
            $place->aim > 0.0 ? 'right' : 'left',
            $likely === null
                ? ''
                : sprintf(', give or take %s', FigureText::metres(0.5 * ($likely->high - $likely->low))),
            $slope === null
                ? ''
                : sprintf(
                    ': %.1f %% rising to the %s%s',
                    abs($slope),
                    $slope > 0.0 ? 'right' : 'left',
                    $card === 0.0
                        ? ', where no slope was entered'
                        : sprintf(
                            ', where the station says %.1f %% to the %s',
                            abs($card),
                            $card > 0.0 ? 'right' : 'left',
                        ),
                ),
        );
    }
}

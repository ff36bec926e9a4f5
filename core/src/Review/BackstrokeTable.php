<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Stroke\RollPrediction;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;

/** A student's line told for one green speed: the table and the drawn curve. This class is immutable. */
final readonly class BackstrokeTable
{
    /** Points of the drawn curve, and how far it goes beyond the backstrokes seen. */
    private const CURVE_POINTS = 41;
    private const CURVE_MARGIN = 1.35;

    /** Lengths are told so far beyond the longest ball, as a factor: further there is nothing to go by. */
    private const REACH = 1.3;

    /**
     * @param list<BackstrokeRow> $rows
     * @param list<array{float, RollPrediction}> $curve backstroke in metres, and what it rolls
     * @param float|null $reach how far lengths are told, metres; null before the first ball
     */
    private function __construct(
        public GreenSpeed $speed,
        public array $rows,
        public array $curve,
        public ?float $reach,
    ) {}

    /**
     * @param float $speedError standard error of the speed as a share of it; widens every range
     * @param list<TableLength> $asked usual lengths are left out beyond the reach of the balls; stations never are
     * @param Unit $unit in which backstrokes are shown, and so rounded
     */
    public static function of(StrokeFit $fit, GreenSpeed $speed, float $speedError, array $asked, Unit $unit): self
    {
        $reach = self::reach($fit, $speed);
        $rows = [];
        foreach ($asked as $each) {
            if ($each->isStation || $reach === null || $each->length->metres() <= $reach) {
                $rows[] = self::row($fit, $speed, $speedError, $each, $unit);
            }
        }

        return new self($speed, $rows, self::curve($fit, $speed, $speedError), $reach);
    }

    private static function row(
        StrokeFit $fit,
        GreenSpeed $speed,
        float $speedError,
        TableLength $asked,
        Unit $unit,
    ): BackstrokeRow {
        $answer = $fit->backstrokeFor($asked->length, $speed, $asked->grade);
        $roll =
            $answer === null
                ? null
                : $fit->predict(Length::ofMetres($answer->metres), $speed, $asked->grade, 0.8, $speedError);

        return new BackstrokeRow(
            $asked,
            !(new LineRoll($speed, $asked->grade))->stops(),
            $answer?->metres,
            $roll?->lowMetres,
            $roll?->highMetres,
            $answer === null ? null : self::isBeyond($fit, $answer->metres, $unit),
        );
    }

    /** What the longest backstroke rolls on this green, and a little further. */
    private static function reach(StrokeFit $fit, GreenSpeed $speed): ?float
    {
        $longest =
            $fit->longestMetres === null
                ? null
                : $fit->predict(Length::ofMetres($fit->longestMetres), $speed, Grade::level());

        return $longest === null ? null : self::REACH * $longest->rollMetres;
    }

    /** Whether a backstroke lies outside those that were rolled, as the coach reads them: rounded. */
    private static function isBeyond(StrokeFit $fit, float $backstroke, Unit $unit): bool
    {
        $step = $unit === Unit::Metres ? 0.01 : Length::METRES_PER_INCH / 2.0;
        $marks = static fn(float $metres): int => (int) round($metres / $step);

        return $fit->shortestMetres === null ||
            $fit->longestMetres === null ||
            $marks($backstroke) < $marks($fit->shortestMetres) ||
            $marks($backstroke) > $marks($fit->longestMetres);
    }

    /** @return list<array{float, RollPrediction}> */
    private static function curve(StrokeFit $fit, GreenSpeed $speed, float $speedError): array
    {
        if ($fit->shortestMetres === null || $fit->longestMetres === null) {
            return [];
        }
        $points = [];
        [$from, $to] = [$fit->shortestMetres / self::CURVE_MARGIN, $fit->longestMetres * self::CURVE_MARGIN];
        for ($i = 0; $i < self::CURVE_POINTS; ++$i) {
            $backstroke = $from + (($to - $from) * $i) / (self::CURVE_POINTS - 1);
            $roll = $fit->predict(Length::ofMetres($backstroke), $speed, Grade::level(), 0.8, $speedError);
            if ($roll !== null) {
                $points[] = [$backstroke, $roll];
            }
        }

        return $points;
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\LookBack;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Roll\LineRoll;
use Amble\Core\Stroke\RollPrediction;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** A student's line told for one green speed: the table and the drawn curve. This class is immutable. */
final readonly class StrokeTable
{
    /** Points of the drawn curve, and how far it goes beyond the backstrokes seen. */
    private const CURVE_POINTS = 41;
    private const CURVE_MARGIN = 1.35;

    /**
     * @param list<StrokeRow> $rows
     * @param list<array{float, RollPrediction}> $curve backstroke in metres, and what it rolls
     */
    private function __construct(public GreenSpeed $speed, public array $rows, public array $curve)
    {
    }

    /**
     * @param float $speedError standard error of the speed as a share of it; widens every range
     * @param list<AskedLength> $asked
     */
    public static function of(StrokeFit $fit, GreenSpeed $speed, float $speedError, array $asked): self
    {
        return new self(
            $speed,
            array_map(static fn(AskedLength $each): StrokeRow => self::row($fit, $speed, $speedError, $each), $asked),
            self::curve($fit, $speed, $speedError),
        );
    }

    private static function row(StrokeFit $fit, GreenSpeed $speed, float $speedError, AskedLength $asked): StrokeRow
    {
        $answer = $fit->backstrokeFor($asked->length, $speed, $asked->grade);
        $roll = $answer === null ? null : $fit->predict(Length::ofMetres($answer->metres), $speed, $asked->grade, 0.8, $speedError);

        return new StrokeRow(
            $asked,
            !(new LineRoll($speed, $asked->grade))->stops(),
            $answer?->metres,
            $roll?->lowMetres,
            $roll?->highMetres,
            $answer?->isExtrapolated,
        );
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
            $backstroke = $from + ($to - $from) * $i / (self::CURVE_POINTS - 1);
            $roll = $fit->predict(Length::ofMetres($backstroke), $speed, Grade::level(), 0.8, $speedError);
            if ($roll !== null) {
                $points[] = [$backstroke, $roll];
            }
        }

        return $points;
    }
}

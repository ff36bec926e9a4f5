<?php

declare(strict_types=1);

namespace Amble\Core\Roll;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\HoleMap;
use Amble\Core\Green\SlopeReading;
use Amble\Core\Units\Grade;

/** Finds putts on a mapped hole, and the place whose slope would tell most next (maths.md 2.6). */
final class MappedPutts
{
    /** Places round the hole that are looked at for a wish, and for straight putts. */
    private const LOOKS = 72;
    private const LINES = 24;
    private const BISECTIONS = 6;

    /** So far off the wanted slope weighs as much as so far off the wanted place: rise per run, and a share of the length. */
    private const SLOPE_OFF = 0.005;
    private const PLACE_OFF = 2.0;

    /** Places a map is begun with, and that are suggested: how far from the hole, metres (10 ft), and how many. */
    public const CIRCLE = 3.048;
    private const PLACES = 12;

    /** The putts whose start lines a map is to tell, metres (8 ft), and how many. */
    private const TOLD_FROM = 2.4384;
    private const TOLD = 6;

    /** Where two places tell nearly as much, the one further from those that were read is said. */
    private const AS_GOOD = 0.98;

    /** @var list<list<float>>|null derivatives of the start lines from 8 ft by the coefficients, once they were asked for */
    private ?array $rows = null;

    public function __construct(
        private readonly HoleMap $map,
        private readonly GreenSpeed $speed,
        private readonly float $pace,
    ) {}

    /**
     * Putts of a length whose start line is straight: where it changes sides, between places that the map covers.
     *
     * @return list<MappedPutt> clockwise from the top, each with how far along the circle its line stays within its own
     *     standard error of straight
     */
    public function straight(float $length): array
    {
        if (!$this->map->covers($length, 0.0)) {
            return [];
        }
        $step = (2.0 * M_PI) / self::LINES;
        $lines = [];
        for ($i = 0; $i <= self::LINES; ++$i) {
            $lines[] = $i === self::LINES ? $lines[0] : $this->lineAt($i * $step, $length);
        }
        $putts = [];
        for ($i = 0; $i < self::LINES; ++$i) {
            [$before, $after] = [$lines[$i], $lines[$i + 1]];
            if ($before === null || $after === null || $before > 0.0 === $after > 0.0) {
                continue;
            }
            $turn = $this->turnBetween($i * $step, ($i + 1) * $step, $before, $length);
            [$x, $y] = self::place($turn, $length);
            $read = MappedRead::of($this->map, $this->speed, $x, $y, $this->pace);
            $putts[] = new MappedPutt(
                $x,
                $y,
                $read->ground->along->ratio(),
                $read->ground->across->ratio(),
                $read->startLineError === null
                    ? null
                    : ($read->startLineError * $step * $length) / max(1e-9, abs($after - $before)),
            );
        }

        return $putts;
    }

    /** The putt nearest to a wish; null where the map does not reach so far. */
    public function nearest(PuttWish $wish): ?MappedPutt
    {
        $length = $wish->length->metres();
        if (!$this->map->covers($length, 0.0)) {
            return null;
        }
        [$best, $least] = [null, INF];
        for ($i = 0; $i < self::LOOKS; ++$i) {
            [$x, $y] = self::place(($i * 2.0 * M_PI) / self::LOOKS, $length);
            $ground = MappedRead::groundOf($this->map, $this->speed, $x, $y);
            $off =
                self::off($ground->along, $wish->along) ** 2 +
                self::off($ground->across, $wish->across) ** 2 +
                ($wish->near === null
                    ? 0.0
                    : (hypot($x - $wish->near[0], $y - $wish->near[1]) / (self::PLACE_OFF * $length)) ** 2);
            if ($off < $least) {
                [$best, $least] = [new MappedPutt($x, $y, $ground->along->ratio(), $ground->across->ratio()), $off];
            }
        }

        return $best;
    }

    /**
     * Places for the stations of a drill, one after another: each as it is wanted, and where any place will do in line
     * with the one before, so that nobody walks round the hole for nothing.
     *
     * @param list<PuttWish> $wishes
     *
     * @return list<MappedPutt|null> null where the map does not reach so far
     */
    public function stations(array $wishes): array
    {
        $putts = [];
        $before = null;
        foreach ($wishes as $wish) {
            $length = $wish->length->metres();
            $away = $before === null ? 0.0 : hypot($before->xMetres, $before->yMetres);
            $near = $before === null ? null : [($before->xMetres * $length) / $away, ($before->yMetres * $length) / $away];
            $putt = $this->nearest(new PuttWish($wish->length, $wish->along, $wish->across, $wish->near ?? $near));
            $putts[] = $putt;
            $before = $putt ?? $before;
        }

        return $putts;
    }

    /**
     * The place whose slope would tell most next: of the hole and twelve places at 10 ft that were not read yet, the one
     * after which the mean standard error of the start lines from 8 ft would be smallest.
     *
     * @return array{float, float}|null metres to the right of the hole and up; null where all were read
     */
    public function tellsMost(): ?array
    {
        $places = [[0.0, 0.0]];
        for ($i = 0; $i < self::PLACES; ++$i) {
            $places[] = self::place(($i * 2.0 * M_PI) / self::PLACES, self::CIRCLE);
        }
        $open = array_values(array_filter($places, fn(array $place): bool => $this->nearestReading($place) > 0.3));
        $rows = $this->linesByCoefficient();
        $errors = array_map(fn(array $place): float => $this->errorAfter($place, $rows), $open);
        if ($errors === []) {
            return null;
        }
        $least = min($errors);
        [$best, $furthest] = [$open[0], -1.0];
        foreach ($open as $i => $place) {
            $away = $this->nearestReading($place);
            if (self::AS_GOOD * $errors[$i] <= $least && $away > $furthest) {
                [$best, $furthest] = [$place, $away];
            }
        }

        return $best;
    }

    /** Mean standard error of the start lines from 8 ft, radians; null where none can be read. */
    public function meanLineError(): ?float
    {
        $rows = $this->linesByCoefficient();

        return $rows === [] ? null : self::meanError($this->map, $rows);
    }

    /** @return list<list<float>> derivatives of start lines from 8 ft by the coefficients of the map */
    private function linesByCoefficient(): array
    {
        if ($this->rows !== null) {
            return $this->rows;
        }
        $rows = [];
        for ($i = 0; $i < self::TOLD; ++$i) {
            [$x, $y] = self::place((($i + 0.5) * 2.0 * M_PI) / self::TOLD, self::TOLD_FROM);
            $rows[] = MappedRead::of($this->map, $this->speed, $x, $y, $this->pace)->byCoefficient;
        }

        return $this->rows = array_values(array_filter($rows));
    }

    /**
     * @param array{float, float} $place
     * @param list<list<float>> $rows
     */
    private function errorAfter(array $place, array $rows): float
    {
        [$right, $up] = $this->map->slope(...$place);
        $grade = static fn(float $ratio): Grade => Grade::ofRatio(max(-1.0, min(1.0, $ratio)));

        return self::meanError($this->map->with(new SlopeReading(...$place, right: $grade($right), up: $grade($up))), $rows);
    }

    /** @param list<list<float>> $rows */
    private static function meanError(HoleMap $map, array $rows): float
    {
        return $rows === [] ? 0.0 : array_sum(array_map($map->errorOf(...), $rows)) / count($rows);
    }

    /** @param array{float, float} $place */
    private function nearestReading(array $place): float
    {
        return min([
            1e3,
            ...array_map(
                static fn(SlopeReading $each): float => hypot($each->xMetres - $place[0], $each->yMetres - $place[1]),
                $this->map->readings,
            ),
        ]);
    }

    /** Halves the turn between two places whose lines lie on either side of straight. */
    private function turnBetween(float $from, float $to, float $lineFrom, float $length): float
    {
        for ($round = 0; $round < self::BISECTIONS; ++$round) {
            $middle = 0.5 * ($from + $to);
            $line = $this->lineAt($middle, $length);
            if ($line !== null && $line > 0.0 === $lineFrom > 0.0) {
                $from = $middle;
            } else {
                $to = $middle;
            }
        }

        return 0.5 * ($from + $to);
    }

    private function lineAt(float $turn, float $length): ?float
    {
        return MappedRead::lineAt($this->map, $this->speed, ...[...self::place($turn, $length), $this->pace]);
    }

    /** @return array{float, float} a place so far from the hole, turned clockwise from the top, radians */
    private static function place(float $turn, float $length): array
    {
        return [$length * sin($turn), $length * cos($turn)];
    }

    private static function off(Grade $is, ?Grade $wanted): float
    {
        return $wanted === null ? 0.0 : ($is->ratio() - $wanted->ratio()) / self::SLOPE_OFF;
    }
}

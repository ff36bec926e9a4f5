<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Kind\Figure;
use Amble\Core\Drill\Kind\FigureKind;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Units\Length;

/**
 * A drill's lengths in round numbers of the unit they will be called out and stepped in.
 *
 * The library is written in metres; nobody steps out 9 ft 10 in. A drill may have a set of its own in feet, for its
 * stations; else whole feet are taken. Only what is set out by hand is rounded, and the rules stay the same. This class
 * is immutable.
 */
final readonly class RoundNumbers
{
    /**
     * @param float $step metres in one unit, to which lengths of at least two units are rounded
     * @param float $fine for shorter lengths, windows and rings, metres
     * @param float $gate for widths, metres
     * @param float $ahead for how far ahead of the ball an aid stands, metres
     * @param array<string, list<int|float>> $sets feet by the key of a drill: one for each of its lengths, from the
     *     shortest on
     */
    private function __construct(
        private float $step,
        private float $fine,
        private float $gate,
        private float $ahead,
        private array $sets = [],
    ) {}

    /**
     * A drill's own set of feet, else whole feet; three inches for what is shorter, a quarter of an inch for widths.
     *
     * @param array<string, list<int|float>> $sets feet by the key of a drill
     */
    public static function feet(array $sets = []): self
    {
        $inch = Length::METRES_PER_INCH;

        return new self(Length::METRES_PER_FOOT, 3.0 * $inch, 0.25 * $inch, 2.0 * $inch, $sets);
    }

    /** Whole paces of this length; the rest as in feet, since nobody paces out a gate. */
    public static function paces(Length $pace): self
    {
        $feet = self::feet();

        return new self($pace->metres(), $feet->fine, $feet->gate, $feet->ahead);
    }

    /**
     * @param array<string, mixed> $drill as decoded from its JSON
     *
     * @return array<string, mixed> the same drill with round lengths
     */
    public function of(array $drill): array
    {
        $stations = is_array($drill['stations'] ?? null) ? $drill['stations'] : [];
        $set = $this->setOf($drill, $stations);
        foreach ($stations as $i => $station) {
            if (is_array($station)) {
                $written = $station['length_m'] ?? null;
                $own = is_numeric($written) ? $set[self::nameOf((float) $written)] ?? null : null;
                $stations[$i] = $own === null ? $this->station($station) : ['length_m' => $own] + $station;
            }
        }
        $drill['stations'] = $stations;
        $drill = self::rounded($drill, 'pass', self::lengthsOf($drill['pass'] ?? null), $this->fine);
        $drill = self::rounded($drill, 'points', ['past_within_m'], $this->fine);
        $drill = self::rounded($drill, 'aid', ['width_m'], $this->gate);
        $drill = self::rounded($drill, 'aid', ['distance_m'], $this->ahead);
        if (is_array($drill['steps_m'] ?? null)) {
            // What steps is the width of the gate, or else the stretch that passes.
            $step = isset($drill['aid']) ? $this->gate : $this->fine;
            $drill['steps_m'] = array_map(static fn(mixed $width): mixed => self::to($width, $step), $drill['steps_m']);
        }
        if (is_array($drill['progression'] ?? null)) {
            $isLength = self::lengthsOf($drill['pass'] ?? null) !== [];
            $drill['progression'] = array_map(
                fn(mixed $level): mixed => is_array($level) ? $this->level($level, $isLength) : $level,
                $drill['progression'],
            );
        }

        return $drill;
    }

    /**
     * @param array<string, mixed> $drill
     * @param array<mixed> $stations
     *
     * @return array<string, float> metres of the drill's own set, by the length each stands for; none without a set
     */
    private function setOf(array $drill, array $stations): array
    {
        $lengths = array_values(array_unique(array_filter(array_column($stations, 'length_m'), is_numeric(...))));
        sort($lengths);
        $feet = $this->sets[is_string($drill['key'] ?? null) ? $drill['key'] : ''] ?? [];

        return count($feet) !== count($lengths)
            ? []
            : array_combine(
                array_map(static fn(mixed $each): string => self::nameOf((float) $each), $lengths),
                array_map(static fn(int|float $each): float => $each * Length::METRES_PER_FOOT, $feet),
            );
    }

    /** A length as a key; a bare number would become a number again. */
    private static function nameOf(float $metres): string
    {
        return sprintf('%.4F m', $metres);
    }

    /**
     * @param array<mixed> $level of a progression
     * @param bool $isLength whether its figure is a length on the green
     *
     * @return array<mixed>
     */
    private function level(array $level, bool $isLength): array
    {
        if (is_array($level['lengths_m'] ?? null)) {
            $level['lengths_m'] = array_map(
                fn(mixed $metres): mixed => $this->station(['length_m' => $metres])['length_m'],
                $level['lengths_m'],
            );
        }
        if ($isLength && isset($level['figure'])) {
            $level['figure'] = self::to($level['figure'], $this->fine);
        }
        if (isset($level['width_m'])) {
            $level['width_m'] = self::to($level['width_m'], $this->gate);
        }

        return $level;
    }

    /** @return list<string> the fields of a kind of pass rule that are lengths on the green */
    private static function lengthsOf(mixed $pass): array
    {
        $kind = is_array($pass) ? $pass['kind'] ?? null : null;
        $card = is_string($kind) ? Kinds::shipped()->cards()['pass'][$kind] ?? null : null;

        return array_column(
            array_filter($card->figures ?? [], static fn(Figure $figure): bool => $figure->kind === FigureKind::Roll),
            'field',
        );
    }

    /**
     * @param array<mixed> $station
     *
     * @return array<mixed>
     */
    private function station(array $station): array
    {
        foreach (['length_m', 'from_m', 'to_m'] as $field) {
            if (isset($station[$field])) {
                $isShort = is_numeric($station[$field]) && $station[$field] < 2.0 * $this->step;
                $station[$field] = self::to($station[$field], $isShort ? $this->fine : $this->step);
            }
        }

        if (isset($station['backstroke_m'])) {
            // A backstroke is set off by the rule beside the ball.
            $station['backstroke_m'] = self::to($station['backstroke_m'], $this->ahead);
        }

        return isset($station['from_m']) ? $station + ['step_m' => $this->step] : $station;
    }

    /**
     * @param array<string, mixed> $drill
     * @param list<string> $fields
     *
     * @return array<string, mixed>
     */
    private static function rounded(array $drill, string $part, array $fields, float $step): array
    {
        $figures = $drill[$part] ?? null;
        if (is_array($figures)) {
            foreach ($fields as $field) {
                if (isset($figures[$field])) {
                    $figures[$field] = self::to($figures[$field], $step);
                }
            }
            $drill[$part] = $figures;
        }

        return $drill;
    }

    /** To the nearest whole number of steps, at least one; to the tenth of a millimetre, so that JSON stays short. */
    private static function to(mixed $metres, float $step): mixed
    {
        return is_numeric($metres) ? round(max(1.0, round((float) $metres / $step)) * $step, 4) : $metres;
    }
}

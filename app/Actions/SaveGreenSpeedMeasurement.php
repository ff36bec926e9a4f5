<?php

declare(strict_types=1);

namespace App\Actions;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Green\RampRolls;
use Amble\Core\Green\RollDoubt;
use Amble\Core\Green\SpeedMeasurement;
use Amble\Core\Green\StopwatchRolls;
use Amble\Core\Green\TimedRoll;
use Amble\Core\Green\Warning;
use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeSession;
use App\Models\Workspace;
use Illuminate\Validation\ValidationException;

/** Saves what was measured of a green's speed, with the figures it comes to. */
final class SaveGreenSpeedMeasurement
{
    /** Share of readings whose truth lies inside the range told for it, as everywhere: eight of ten. */
    private const LEVEL = 0.8;

    /**
     * Keep a reading as its entries now stand; the same id again corrects it, and keeps its time.
     *
     * @param array<string, mixed> $fields validated
     */
    public function keep(PracticeSession $session, array $fields): GreenSpeedMeasurement
    {
        if ($session->green_id === null) {
            throw ValidationException::withMessages(['green_id' => 'Choose the green in Check-in first.']);
        }
        $method = MeasurementMethod::from(self::word($fields['method'] ?? null));
        $entries = array_diff_key($fields, array_flip(['id', 'method', 'taken_at_ms']));
        $told =
            [
                'green_id' => $session->green_id,
                'practice_session_id' => $session->id,
                'method' => $method,
                'entries' => $entries,
            ] + self::figures($method, $entries);
        $reading = GreenSpeedMeasurement::once(
            self::word($fields['id'] ?? null),
            $session->workspace_id,
            static fn(): GreenSpeedMeasurement => GreenSpeedMeasurement::query()->create(
                $told + [
                    'id' => $fields['id'],
                    'workspace_id' => $session->workspace_id,
                    'coach_id' => $session->coach_id,
                    'taken_at' => DeviceTime::of($fields['taken_at_ms'] ?? null),
                ],
            ),
        );
        abort_if($reading->practice_session_id !== $session->id, 404);
        $reading->update($told);
        Workspace::evidenceChanged($session->workspace_id);

        return $reading;
    }

    /**
     * What entries come to, as it is kept.
     *
     * @param array<string, mixed> $entries validated
     *
     * @return array<string, mixed>
     */
    public static function figures(MeasurementMethod $method, array $entries): array
    {
        $measured = self::measure($method, $entries);
        $speed =
            $method === MeasurementMethod::Estimated
                ? GreenSpeed::ofFeet(self::number($entries['speed_ft'] ?? null), 'speed_ft')
                : $measured?->speed;
        $slope = $measured?->gradeRange(self::LEVEL);
        $range = $measured?->range(self::LEVEL);

        return [
            'speed_m' => $speed?->metres(),
            'standard_error_m' => $measured?->standardErrorMetres,
            'give_or_take_m' => $range === null ? null : ($range->high - $range->low) / 2.0,
            'grade' => $measured?->grade?->ratio(),
            'grade_low' => $slope?->low,
            'grade_high' => $slope?->high,
            'is_level' => $measured->isLevel ?? false,
            'warnings' => array_map(static fn(Warning $warning): string => $warning->value, $measured->warnings ?? []),
        ];
    }

    /**
     * What there is to ask about a timed roll before it counts.
     *
     * @param array<string, mixed> $roll
     *
     * @return list<RollDoubt>
     */
    public function doubts(array $roll, mixed $others): array
    {
        return self::timedRolls([$roll])[0]->doubts(self::timedRolls($others));
    }

    /** @param array<string, mixed> $entries */
    private static function measure(MeasurementMethod $method, array $entries): ?SpeedMeasurement
    {
        return match ($method) {
            MeasurementMethod::Ramp => RampRolls::of(
                self::rolls($entries['direction_1_m'] ?? []),
                self::rolls($entries['direction_2_m'] ?? []),
                is_numeric($entries['ramp_factor'] ?? null) ? (float) $entries['ramp_factor'] : 1.0,
            )->reading(),
            MeasurementMethod::Stopwatch => StopwatchRolls::of(
                self::timedRolls($entries['direction_1'] ?? []),
                self::timedRolls($entries['direction_2'] ?? []),
            )->reading(),
            MeasurementMethod::Estimated, MeasurementMethod::Unknown => null,
        };
    }

    /** @return list<float> */
    private static function rolls(mixed $values): array
    {
        return array_map(self::number(...), is_array($values) ? array_values($values) : []);
    }

    /** @return list<TimedRoll> */
    private static function timedRolls(mixed $values): array
    {
        return array_map(
            static fn(mixed $roll): TimedRoll => is_array($roll)
                ? TimedRoll::of(self::number($roll['distance_m'] ?? null), self::number($roll['time_s'] ?? null))
                : throw new \LogicException('A timed roll is validated as an object before it comes here.'),
            is_array($values) ? array_values($values) : [],
        );
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : NAN;
    }

    private static function word(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}

<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\GreenSpeedReading;
use Amble\Core\Green\RampRolls;
use Amble\Core\Green\ReadingMethod;
use Amble\Core\Green\StopwatchRolls;
use Amble\Core\Green\TimedRoll;
use Amble\Core\Green\Warning;
use App\Models\Bench;
use App\Models\Green;
use App\Models\GreenReading;
use App\Models\PracticeSession;
use Carbon\CarbonInterface;
use Illuminate\Support\Collection;
use Illuminate\Validation\ValidationException;

/** Takes green-speed readings and finds the one that stood at a time. */
final class GreenReadings
{
    /**
     * Keep a reading as its entries now stand; the same id again corrects it, and keeps its time.
     *
     * @param array<string, mixed> $fields validated
     */
    public function keep(PracticeSession $session, array $fields): GreenReading
    {
        if ($session->green_id === null) {
            throw ValidationException::withMessages(['green_id' => 'Choose the green first, under Arrive.']);
        }
        $method = ReadingMethod::from(self::word($fields['method'] ?? null));
        $entries = array_diff_key($fields, array_flip(['id', 'method']));
        $reading = GreenReading::query()->whereKey($fields['id'])->get()->first();
        abort_if($reading !== null && $reading->practice_session_id !== $session->id, 404);
        $reading ??= new GreenReading(['id' => $fields['id'], 'bench_id' => $session->bench_id, 'coach_id' => $session->coach_id, 'taken_at' => now()]);
        $measured = self::measure($method, $entries);
        $speed = $method === ReadingMethod::Estimated
            ? GreenSpeed::ofFeet(self::number($entries['speed_ft'] ?? null), 'speed_ft')
            : $measured?->speed;
        $reading->fill([
            'green_id' => $session->green_id,
            'practice_session_id' => $session->id,
            'method' => $method,
            'entries' => $entries,
            'speed_m' => $speed?->metres(),
            'standard_error_m' => $measured?->standardErrorMetres,
            'grade' => $measured?->grade?->ratio(),
            'is_level' => $measured->isLevel ?? false,
            'warnings' => array_map(static fn(Warning $warning): string => $warning->value, $measured->warnings ?? []),
        ])->save();
        Bench::evidenceChanged($session->bench_id);

        return $reading;
    }

    /** Give the reading that stands on a green at a time: the last one taken until then. */
    public function standing(Green $green, CarbonInterface $at): ?GreenReading
    {
        /** @var Collection<int, GreenReading> $last at most one */
        $last = $green->readings()->where('taken_at', '<=', $at)->orderByDesc('taken_at')->orderByDesc('id')->limit(1)->get();

        return $last->first();
    }

    /** @param array<string, mixed> $entries */
    private static function measure(ReadingMethod $method, array $entries): ?GreenSpeedReading
    {
        return match ($method) {
            ReadingMethod::Ramp => RampRolls::of(
                self::rolls($entries['direction_1_m'] ?? []),
                self::rolls($entries['direction_2_m'] ?? []),
                is_numeric($entries['ramp_factor'] ?? null) ? (float) $entries['ramp_factor'] : 1.0,
            )->reading(),
            ReadingMethod::Stopwatch => StopwatchRolls::of(
                self::timedRolls($entries['direction_1'] ?? []),
                self::timedRolls($entries['direction_2'] ?? []),
            )->reading(),
            ReadingMethod::Estimated, ReadingMethod::Unknown => null,
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

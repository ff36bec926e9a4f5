<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Green\MeasurementMethod;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a green was measured, estimated or not known to be, from when on.
 *
 * @property string $green_id
 * @property string|null $practice_session_id
 * @property MeasurementMethod $method
 * @property array<string, mixed> $entries what the coach put down, in SI units
 * @property float|null $speed_m
 * @property float|null $standard_error_m
 * @property float|null $give_or_take_m half the range that holds the speed in eight of ten readings
 * @property float|null $grade
 * @property float|null $grade_low range that holds the slope in eight of ten lines, with grade_high
 * @property float|null $grade_high
 * @property bool $is_level
 * @property list<string> $warnings
 * @property CarbonImmutable $taken_at
 * @property-read Green $green
 * @property-read PracticeSession|null $session
 */
final class GreenSpeedMeasurement extends WorkspaceModel
{
    protected $table = 'green_speed_measurements';

    protected $fillable = [
        'id',
        'workspace_id',
        'coach_id',
        'green_id',
        'practice_session_id',
        'method',
        'entries',
        'speed_m',
        'standard_error_m',
        'give_or_take_m',
        'grade',
        'grade_low',
        'grade_high',
        'is_level',
        'warnings',
        'taken_at',
    ];

    /** @return BelongsTo<Green, $this> */
    public function green(): BelongsTo
    {
        return $this->belongsTo(Green::class);
    }

    /**
     * Give the session it was taken in, one put away too.
     *
     * @return BelongsTo<PracticeSession, $this>
     */
    public function session(): BelongsTo
    {
        return $this->belongsToEvenGone(PracticeSession::class, 'practice_session_id');
    }

    public function speed(): ?GreenSpeed
    {
        return $this->speed_m === null ? null : GreenSpeed::ofMetres($this->speed_m);
    }

    /** Give the standard error as a share of the speed, assumed where the rolls do not say; 0 without a speed. */
    public function relativeError(): float
    {
        $error = $this->standard_error_m ?? $this->method->assumedError();

        return $this->speed_m === null || $error === null ? 0.0 : $error / $this->speed_m;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'method' => MeasurementMethod::class,
            'entries' => 'array',
            'speed_m' => 'float',
            'standard_error_m' => 'float',
            'give_or_take_m' => 'float',
            'grade' => 'float',
            'grade_low' => 'float',
            'grade_high' => 'float',
            'is_level' => 'boolean',
            'warnings' => 'array',
            'taken_at' => 'immutable_datetime',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Direction\LineCure;
use Amble\Core\Green\Surface;
use Amble\Core\Json\JsonInput;
use Amble\Core\Student\BackstrokeCue;
use Amble\Core\Student\CurrentGoals;
use Amble\Core\Student\Hand;
use Amble\Core\Student\Level;
use Amble\Core\Student\StudentProfile;
use Amble\Core\Student\TeachingPreferences;
use Amble\Core\Units\Unit;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property string $name
 * @property Hand $hand
 * @property Level $level
 * @property Unit $unit
 * @property float|null $stride_m
 * @property float $finish_past_m
 * @property string|null $putter
 * @property BackstrokeCue $school
 * @property int|null $tempo_bpm beats a minute: one back, one to the ball; null until it is known
 * @property float|null $band_low_m lengths to practise where no rounds tell them, metres
 * @property float|null $band_high_m likewise
 * @property array<string, mixed>|null $current_goals as the core's CurrentGoals gives it
 * @property array<string, mixed>|null $about as the core's About gives it
 * @property LineCure|null $line_cure how a start to one side is taken out; null while the coach has not chosen
 * @property bool $is_gentle whether scores are kept out of sight
 * @property bool $is_simulated whether it is the student of a walk along, and nobody's record
 * @property string|null $exception what holds for this student whatever a template says
 */
final class Student extends WorkspaceModel
{
    use SoftDeletes;

    protected $fillable = [
        'id',
        'workspace_id',
        'coach_id',
        'name',
        'hand',
        'level',
        'unit',
        'stride_m',
        'finish_past_m',
        'putter',
        'school',
        'tempo_bpm',
        'exception',
        'is_gentle',
        'line_cure',
        'band_low_m',
        'band_high_m',
        'current_goals',
        'about',
    ];

    /** @var array<string, mixed> */
    protected $attributes = ['is_gentle' => false, 'is_simulated' => false];

    /** The putter in use is always one of the student's putters, measured or not. */
    protected static function booted(): void
    {
        self::saved(static function (self $student): void {
            if ($student->putter !== null && ($student->wasRecentlyCreated || $student->wasChanged('putter'))) {
                Putter::query()->firstOrCreate(
                    ['student_id' => $student->id, 'name' => $student->putter],
                    ['workspace_id' => $student->workspace_id, 'coach_id' => $student->coach_id],
                );
            }
        });
    }

    /** @return HasMany<PracticeSession, $this> */
    public function practiceSessions(): HasMany
    {
        return $this->hasMany(PracticeSession::class);
    }

    /** The kind of ground they rolled on last; null before any was chosen. */
    public function lastSurface(): ?Surface
    {
        return $this->practiceSessions()->whereNotNull('green_id')->latest('started_at')->first()?->green?->surface;
    }

    public function inWork(): CurrentGoals
    {
        return $this->current_goals === null
            ? CurrentGoals::nothing()
            : CurrentGoals::read(JsonInput::parse(json_encode($this->current_goals, JSON_THROW_ON_ERROR)));
    }

    /**
     * What they are taught where schools differ: the card's answers, else the workspace's.
     *
     * @param Workspace|null $workspace theirs, where it is at hand
     */
    public function schools(?Workspace $workspace = null): TeachingPreferences
    {
        return TeachingPreferences::of(
            $this->facts()->schools,
            ($workspace ?? Workspace::query()->find($this->workspace_id))->schools ?? [],
        );
    }

    public function facts(): StudentProfile
    {
        return $this->about === null
            ? StudentProfile::nothing()
            : StudentProfile::read(
                JsonInput::parse(
                    json_encode(
                        ['schools' => (object) ($this->about['schools'] ?? [])] + $this->about,
                        JSON_THROW_ON_ERROR,
                    ),
                ),
            );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'hand' => Hand::class,
            'level' => Level::class,
            'unit' => Unit::class,
            'school' => BackstrokeCue::class,
            'stride_m' => 'float',
            'finish_past_m' => 'float',
            'tempo_bpm' => 'integer',
            'is_gentle' => 'boolean',
            'is_simulated' => 'boolean',
            'line_cure' => LineCure::class,
            'current_goals' => 'array',
            'about' => 'array',
            'band_low_m' => 'float',
            'band_high_m' => 'float',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Homework\HomeworkTask;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Authenticatable as Authenticates;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Str;

/**
 * One printed side for a student, and the private link to it. Whoever holds the link is authenticated as the card
 * itself: as no coach, and as no student.
 *
 * @property string $student_id
 * @property float|null $speed_1_m the first of two greens it is told for; null for the one rolled on last
 * @property float|null $speed_2_m
 * @property string|null $work_on one thing or two
 * @property string|null $home_task
 * @property int|null $home_balls of it a day
 * @property string|null $home_drill key of the drill it is; null where it is none
 * @property string|null $home_cue
 * @property int|null $home_target of the balls of a day that are to go as they should
 * @property int|null $home_days a week
 * @property CarbonImmutable|null $next_on
 * @property string|null $link_hash
 * @property CarbonImmutable|null $link_until
 * @property-read Student $student
 */
final class TakeHomeCard extends WorkspaceModel implements Authenticatable
{
    use Authenticates;

    protected $table = 'take_home_cards';

    /** As many letters cannot be guessed: 62^40 is about 2^238. */
    private const LINK_LETTERS = 40;

    protected $fillable = [
        'id',
        'workspace_id',
        'coach_id',
        'student_id',
        'speed_1_m',
        'speed_2_m',
        'work_on',
        'home_task',
        'home_balls',
        'home_drill',
        'home_cue',
        'home_target',
        'home_days',
        'next_on',
        'link_hash',
        'link_until',
    ];

    protected $hidden = ['link_hash'];

    /** @return BelongsTo<Student, $this> */
    public function student(): BelongsTo
    {
        return $this->belongsTo(Student::class);
    }

    /** What is to be done at home; null where nothing is. */
    public function task(): ?HomeworkTask
    {
        return $this->home_task === null
            ? null
            : new HomeworkTask(
                $this->home_task,
                $this->home_balls,
                $this->home_target,
                $this->home_days,
                $this->home_cue,
            );
    }

    /** Make a new link; the one before opens nothing any more. @return string told once, and kept by nobody */
    public function open(CarbonImmutable $until): string
    {
        $link = Str::random(self::LINK_LETTERS);
        $this->update(['link_hash' => self::hash($link), 'link_until' => $until]);

        return $link;
    }

    public function withdraw(): void
    {
        $this->update(['link_hash' => null, 'link_until' => null]);
    }

    /**
     * The card a link opens now; null for one that was withdrawn, ran out, or never was, or whose student was put away
     * or waits for a guardian's word.
     */
    public static function behind(string $link): ?self
    {
        $card = self::query()
            ->with('student')
            ->where('link_hash', self::hash($link))
            ->where('link_until', '>', CarbonImmutable::now())
            ->first();

        return $card?->student()->exists() === true && !$card->student->facts()->lacksConsent() ? $card : null;
    }

    private static function hash(string $link): string
    {
        return hash('sha256', $link);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'speed_1_m' => 'float',
            'speed_2_m' => 'float',
            'home_balls' => 'integer',
            'home_target' => 'integer',
            'home_days' => 'integer',
            'next_on' => 'immutable_date',
            'link_until' => 'immutable_datetime',
        ];
    }
}

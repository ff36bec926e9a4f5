<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Units\Length;
use Amble\Core\Units\Unit;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User;
use Illuminate\Support\Str;

/**
 * A person with an account, who works at a workspace: their own, unless they joined another.
 *
 * @property string $id
 * @property string $workspace_id the workspace they work at now
 * @property string $name
 * @property string $email
 * @property Unit $unit
 * @property float|null $stride_m
 * @property int $trend_sessions fewer sessions tell no trend
 * @property float|null $three_putt_inside_m three putts from inside this should not come; null while none is set
 * @property-read Workspace $workspace
 * @property-read Collection<int, Membership> $memberships
 * @property string|null $calendar_hash of the private address calendars look at
 * @property string|null $second_factor the secret behind the codes asked for at sign-in, encrypted
 * @property CarbonImmutable|null $second_factor_since
 * @property int $second_factor_step the last half minute whose code was used
 */
final class Coach extends User
{
    use HasUlids;

    /** Stands in until the coach's own pace is measured, metres. */
    private const USUAL_PACE = 0.76;

    protected $fillable = ['name', 'email', 'password', 'unit', 'stride_m', 'trend_sessions', 'three_putt_inside_m'];

    protected $hidden = ['password', 'remember_token', 'calendar_hash', 'second_factor', 'second_factor_step'];

    /** @var array<string, mixed> */
    protected $attributes = ['unit' => Unit::Feet->value, 'trend_sessions' => 3, 'second_factor_step' => 0];

    /** Every coach has a workspace of their own. */
    protected static function booted(): void
    {
        self::creating(static function (self $coach): void {
            $coach->workspace_id ??= Workspace::query()->create(['name' => $coach->name])->id;
        });
        self::created(static function (self $coach): void {
            Membership::query()->create([
                'workspace_id' => $coach->workspace_id,
                'coach_id' => $coach->id,
                'role' => Role::Owner,
            ]);
        });
    }

    /** An e-mail address as accounts keep it: told apart without case, as mail is delivered. */
    public static function address(string $given): string
    {
        return mb_strtolower(trim($given));
    }

    public static function withAddress(string $given): ?self
    {
        return self::query()->where('email', self::address($given))->first();
    }

    /** Set another password for somebody who forgot theirs; every device that was signed in is signed out by it. */
    public function renewPassword(string $password): void
    {
        $this->forceFill(['password' => $password, 'remember_token' => Str::random(60)])->save();
    }

    /** Give the length from inside which three putts should not come; null while none is set. */
    public function threePuttInside(): ?Length
    {
        return $this->three_putt_inside_m === null ? null : Length::ofMetres($this->three_putt_inside_m);
    }

    /** Give this coach's pace, or the usual one while it is not measured. */
    public function pace(): Length
    {
        return Length::ofMetres($this->stride_m ?? self::USUAL_PACE);
    }

    /** Give the metres in one of the units this coach says lengths in. */
    public function unitMetres(): float
    {
        return $this->unit->metres($this->pace());
    }

    /** @return BelongsTo<Workspace, $this> */
    public function workspace(): BelongsTo
    {
        return $this->belongsTo(Workspace::class);
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }

    /** Give what this coach may do in a workspace; null for somebody else's. */
    public function roleAt(?string $workspaceId): ?Role
    {
        return $this->memberships->firstWhere('workspace_id', $workspaceId)?->role;
    }

    /** @return HasMany<Student, Workspace> of the workspace; one made through it is this coach's doing */
    public function students(): HasMany
    {
        $records = $this->workspace->students();
        $records->withAttributes(['coach_id' => $this->id], asConditions: false);

        return $records;
    }

    /** @return HasMany<Green, Workspace> likewise */
    public function greens(): HasMany
    {
        $records = $this->workspace->greens();
        $records->withAttributes(['coach_id' => $this->id], asConditions: false);

        return $records;
    }

    /** @return HasMany<SavedDrill, Workspace> likewise */
    public function drills(): HasMany
    {
        $records = $this->workspace->drills();
        $records->withAttributes(['coach_id' => $this->id], asConditions: false);

        return $records;
    }

    /** @return HasMany<PracticeSession, Workspace> likewise */
    public function practiceSessions(): HasMany
    {
        $records = $this->workspace->practiceSessions();
        $records->withAttributes(['coach_id' => $this->id], asConditions: false);

        return $records;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'stride_m' => 'float',
            'trend_sessions' => 'integer',
            'three_putt_inside_m' => 'float',
            'unit' => Unit::class,
            'second_factor_since' => 'immutable_datetime',
            'second_factor_step' => 'integer',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Whose records are whose: a coach's own workspace, or an academy's with several members.
 *
 * @property string $id
 * @property string $name
 * @property array<string, string>|null $schools answers taken where a student's card does not say, by question
 * @property array<string, list<array{place: int, field: string, unit: string}>>|null $column_maps what columns of tables are, by their heads
 * @property int $evidence_version counts up with every change of what figures rest on
 */
final class Workspace extends Model
{
    use HasUlids;

    protected $table = 'workspaces';

    protected $fillable = ['name', 'schools', 'column_maps'];

    /** Whatever was worked out from this workspace's evidence is out of date. */
    public static function evidenceChanged(string $workspaceId): void
    {
        self::query()->whereKey($workspaceId)->toBase()->increment('evidence_version');
    }

    /** By which to keep what was worked out from this workspace's evidence. */
    public static function evidenceVersion(string $workspaceId): int
    {
        $version = self::query()->whereKey($workspaceId)->toBase()->value('evidence_version');

        return is_numeric($version) ? (int) $version : 0;
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class, 'workspace_id');
    }

    /** @return HasMany<Student, $this> */
    public function students(): HasMany
    {
        return $this->hasMany(Student::class, 'workspace_id');
    }

    /** @return HasMany<Green, $this> */
    public function greens(): HasMany
    {
        return $this->hasMany(Green::class, 'workspace_id');
    }

    /** @return HasMany<SavedDrill, $this> */
    public function drills(): HasMany
    {
        return $this->hasMany(SavedDrill::class, 'workspace_id');
    }

    /** @return HasMany<LengthSet, $this> */
    public function lengthSets(): HasMany
    {
        return $this->hasMany(LengthSet::class, 'workspace_id');
    }

    /** @return HasMany<PracticeSession, $this> */
    public function practiceSessions(): HasMany
    {
        return $this->hasMany(PracticeSession::class, 'workspace_id');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['schools' => 'array', 'column_maps' => 'array'];
    }
}

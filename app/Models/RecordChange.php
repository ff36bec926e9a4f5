<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Auth;

/**
 * Who changed what of a record beside the log, and when.
 *
 * @property string $id
 * @property string $workspace_id
 * @property string $coach_id
 * @property string $record_type its table
 * @property string $record_id
 * @property string|null $student_id whom it is about
 * @property string $name what the record was called then
 * @property string $what
 * @property array<string, array{mixed, mixed}> $fields before and after, by field
 * @property CarbonImmutable $created_at
 */
final class RecordChange extends Model
{
    use HasUlids;

    protected $table = 'changes';

    public const UPDATED_AT = null;

    /** Worked out, or of the record's making. */
    private const IGNORED = [
        'updated_at',
        'created_at',
        'deleted_at',
        'conditions',
        'stations',
        'dismissed_insights',
        'group_members',
        'chosen_measurement_id',
        'latest_ms',
        'balls_version',
        'kit_out',
        'during',
        'is_ended',
        'students',
        'is_right',
        'link_hash',
        'link_until',
    ];

    /** Older ones are thrown away, so many of a workspace. */
    public const KEPT = 2000;

    protected $fillable = [
        'workspace_id',
        'coach_id',
        'record_type',
        'record_id',
        'student_id',
        'name',
        'what',
        'fields',
    ];

    public static function note(WorkspaceModel $record, string $what): void
    {
        $coach = Auth::user();
        $fields = [];
        foreach ($what === 'changed' ? array_keys($record->getChanges()) : [] as $field) {
            if (!in_array($field, self::IGNORED, true)) {
                $fields[$field] = [$record->getRawOriginal($field), $record->getAttributes()[$field] ?? null];
            }
        }
        if (!($coach instanceof Coach) || ($what === 'changed' && $fields === [])) {
            return;
        }
        $student = $record instanceof Student ? $record->id : $record->getAttribute('student_id');
        $name = $record->getAttribute('name');
        self::query()->create([
            'workspace_id' => $record->workspace_id,
            'coach_id' => $coach->id,
            'record_type' => $record->getTable(),
            'record_id' => $record->id,
            'student_id' => is_string($student) ? $student : null,
            'name' => is_string($name) ? $name : '',
            'what' => $what,
            'fields' => $fields,
        ]);
        self::forgetOldOnes($record->workspace_id);
    }

    private static function forgetOldOnes(string $workspace): void
    {
        $oldest = self::query()->where('workspace_id', $workspace)->orderByDesc('id')->skip(self::KEPT)->value('id');
        if (is_string($oldest)) {
            self::query()->where('workspace_id', $workspace)->where('id', '<=', $oldest)->delete();
        }
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['fields' => 'array', 'created_at' => 'immutable_datetime'];
    }
}

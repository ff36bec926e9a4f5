<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What one student's run of a drill found; rewritten from the log.
 *
 * @property string $run_id
 * @property string $practice_session_id
 * @property string|null $student_id
 * @property string $drill key
 * @property string $name
 * @property int $at_ms of its last ball
 * @property int $balls
 * @property string $phase
 * @property int $level of the drill's progression
 * @property int|null $rung of the widths it steps through
 * @property list<bool> $recent passes and misses of the last ten judged balls
 * @property list<array<string, mixed>> $findings the drill's own first
 * @property-read DrillFindingRecord|null $before the same student's run of the same drill before; of rows asked for with it
 */
final class DrillFindingRecord extends Model
{
    public $timestamps = false;

    protected $table = 'findings';

    protected $fillable = [
        'run_id',
        'practice_session_id',
        'workspace_id',
        'student_id',
        'drill',
        'name',
        'at_ms',
        'balls',
        'phase',
        'level',
        'rung',
        'recent',
        'findings',
    ];

    /** @return BelongsTo<self, $this> */
    public function before(): BelongsTo
    {
        return $this->belongsTo(self::class, 'before_id');
    }

    /**
     * Rows that bring the run before each along: two queries, however many rows.
     *
     * @return Builder<self>
     */
    public static function withTimeBefore(): Builder
    {
        $before = self::query()
            ->from('findings as earlier')
            ->select('earlier.id')
            ->whereColumn('earlier.student_id', 'findings.student_id')
            ->whereColumn('earlier.drill', 'findings.drill')
            ->whereColumn('earlier.at_ms', '<', 'findings.at_ms')
            ->whereColumn('earlier.run_id', '!=', 'findings.run_id')
            ->orderByDesc('earlier.at_ms')
            ->orderByDesc('earlier.id')
            ->limit(1);

        $rows = self::query()->with('before');
        $rows->addSelect(['findings.*', 'before_id' => $before]);

        return $rows;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'at_ms' => 'integer',
            'balls' => 'integer',
            'level' => 'integer',
            'rung' => 'integer',
            'recent' => 'array',
            'findings' => 'array',
        ];
    }
}

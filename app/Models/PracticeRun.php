<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Drill\Phase;

/**
 * A drill being run in a session.
 *
 * @property string $practice_session_id
 * @property string $definition the drill as JSON text, as it was when the run started
 * @property int $seed
 * @property bool $is_ended whether somebody said that it was enough
 * @property list<string> $students ids, in turn; empty for the session's own student
 */
final class PracticeRun extends WorkspaceModel
{
    protected $table = 'drill_runs';

    protected $fillable = ['id', 'workspace_id', 'coach_id', 'practice_session_id', 'definition', 'seed', 'students'];

    /** @var array<string, mixed> */
    protected $attributes = ['students' => '[]'];

    /** Give the drill as it was when the run started, in today's form. */
    public function definition(): \stdClass
    {
        return DrillDefinition::fromStored($this->definition);
    }

    /** Give the seed a run has where none was given: from its id's own digits, the same on every device. */
    public static function seedOf(string $id): int
    {
        return crc32($id) & 0x7fffffff;
    }

    /** Tell whether everybody in it has come to its end, so that there is nothing to go on with. */
    public function isOver(): bool
    {
        $phases = DrillFindingRecord::query()->where('run_id', $this->id)->toBase()->pluck('phase');
        $over = $phases->filter(static fn(mixed $phase): bool => is_string($phase) && Phase::from($phase)->isOver());

        return $this->is_ended ||
            ($over->count() === $phases->count() && $phases->count() >= max(1, count($this->students)));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seed' => 'integer', 'students' => 'array', 'is_ended' => 'boolean'];
    }
}

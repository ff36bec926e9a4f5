<?php

declare(strict_types=1);

namespace App\Models;

use App\Practice\DrillLibrary;

/**
 * A drill being run in a session.
 *
 * @property string $practice_session_id
 * @property string $definition the drill as JSON text, as it was when the run started
 * @property int $seed
 * @property list<string> $students ids, in turn; empty for the session's own student
 */
final class PracticeRun extends OwnedRecord
{
    protected $table = 'drill_runs';

    protected $fillable = ['id', 'bench_id', 'coach_id', 'practice_session_id', 'definition', 'seed', 'students'];

    /** @var array<string, mixed> */
    protected $attributes = ['students' => '[]'];

    /** Give the drill as it was when the run started, in today's form. */
    public function definition(): \stdClass
    {
        return DrillLibrary::kept($this->definition);
    }

    /** Give the seed a run has where none was given: from its id's own digits, the same on every device. */
    public static function seedOf(string $id): int
    {
        return crc32($id) & 0x7FFFFFFF;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seed' => 'integer', 'students' => 'array'];
    }
}

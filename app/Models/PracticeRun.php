<?php

declare(strict_types=1);

namespace App\Models;

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

    protected $fillable = ['id', 'coach_id', 'practice_session_id', 'definition', 'seed', 'students'];

    /** @var array<string, mixed> */
    protected $attributes = ['students' => '[]'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seed' => 'integer', 'students' => 'array'];
    }
}

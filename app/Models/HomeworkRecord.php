<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Homework\HomeworkEntry;

/**
 * What a student did or asked at home, or what the coach answered.
 *
 * @property string $student_id
 * @property string $kind
 * @property int $at_ms when, as the device that noted it said
 * @property int|null $balls
 * @property int|null $passes
 * @property string|null $text
 * @property string|null $session_id of balls that were rolled one by one; null where they were only counted, and never kept
 */
final class HomeworkRecord extends WorkspaceModel
{
    protected $table = 'homework_entries';

    protected $fillable = ['id', 'workspace_id', 'coach_id', 'student_id', 'kind', 'at_ms', 'balls', 'passes', 'text'];

    public function entry(): HomeworkEntry
    {
        return HomeworkEntry::kept($this->kind, $this->at_ms, $this->balls, $this->passes, $this->text);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at_ms' => 'integer', 'balls' => 'integer', 'passes' => 'integer'];
    }
}

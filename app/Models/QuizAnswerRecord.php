<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Json\JsonInput;
use Amble\Core\Reading\QuizAnswer;

/**
 * A putt whose aim and pace were called before it rolled. What was needed is worked out again; whether it was right is
 * kept.
 *
 * @property string $student_id
 * @property array<string, mixed> $putt
 * @property float $called_aim_m
 * @property float $called_plays_m
 * @property bool $is_right
 */
final class QuizAnswerRecord extends WorkspaceModel
{
    protected $table = 'guesses';

    protected $fillable = ['id', 'workspace_id', 'coach_id', 'student_id', 'putt', 'called_aim_m', 'called_plays_m'];

    protected static function booted(): void
    {
        // Says nothing back: an answer of false would keep a wrong guess from being kept.
        self::creating(static function (self $row): void {
            $row->is_right = $row->guess()?->isRight() === true;
        });
    }

    /** Null for a putt that nobody can read. */
    public function guess(): ?QuizAnswer
    {
        return QuizAnswer::read(
            JsonInput::parse(
                json_encode(
                    ['putt' => $this->putt, 'aim_m' => $this->called_aim_m, 'plays_m' => $this->called_plays_m],
                    JSON_THROW_ON_ERROR,
                ),
            ),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['putt' => 'array', 'called_aim_m' => 'float', 'called_plays_m' => 'float', 'is_right' => 'boolean'];
    }
}

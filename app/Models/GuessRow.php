<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Json\JsonInput;
use Amble\Core\Reading\Guess;

/**
 * A putt whose aim and pace were called before it rolled. What was right is worked out, not kept.
 *
 * @property string $student_id
 * @property array<string, mixed> $putt
 * @property float $called_aim_m
 * @property float $called_plays_m
 */
final class GuessRow extends OwnedRecord
{
    protected $table = 'guesses';

    protected $fillable = ['id', 'bench_id', 'coach_id', 'student_id', 'putt', 'called_aim_m', 'called_plays_m'];

    /** Null for a putt that nobody can read. */
    public function guess(): ?Guess
    {
        return Guess::read(JsonInput::parse(json_encode(
            ['putt' => $this->putt, 'aim_m' => $this->called_aim_m, 'plays_m' => $this->called_plays_m],
            JSON_THROW_ON_ERROR,
        )));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['putt' => 'array', 'called_aim_m' => 'float', 'called_plays_m' => 'float'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Session\CheckAttempt;
use Illuminate\Database\Eloquent\Model;

/**
 * An attempt at a check; rewritten from the log.
 *
 * @property string $id
 * @property string $practice_session_id
 * @property string $student_id
 * @property string|null $green_id
 * @property string $kind
 * @property int $at_ms
 * @property array<string, string|bool|int|float> $answers
 */
final class CheckAttemptRecord extends Model
{
    protected $table = 'check_attempts';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** The attempt as the core reads it. */
    public function attempt(): CheckAttempt
    {
        return new CheckAttempt($this->id, $this->at_ms, $this->student_id, $this->kind, $this->answers);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at_ms' => 'integer', 'answers' => 'array'];
    }
}

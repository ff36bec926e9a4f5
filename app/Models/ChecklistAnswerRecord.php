<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Card\PointInSession;
use Amble\Core\Session\PointAnswer;
use Illuminate\Database\Eloquent\Model;

/**
 * How a point of a checklist was answered last in a session; rewritten from the log.
 *
 * @property string $practice_session_id
 * @property string $student_id
 * @property string $card
 * @property string $point
 * @property string $sight
 * @property string|null $word
 * @property int $at_ms
 */
final class ChecklistAnswerRecord extends Model
{
    protected $table = 'checklist_answers';

    public $timestamps = false;

    protected $guarded = [];

    /** The answer as the core reads it. */
    public function inSession(): PointInSession
    {
        return new PointInSession(
            $this->card,
            $this->point,
            PointAnswer::from($this->sight),
            $this->word,
            $this->practice_session_id,
            $this->at_ms,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at_ms' => 'integer'];
    }
}

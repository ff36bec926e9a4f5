<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Session\DismissedInsight;
use Illuminate\Database\Eloquent\Model;

/**
 * An insight that a coach dismissed in a session; rewritten from the log.
 *
 * @property string $practice_session_id
 * @property string|null $student_id
 * @property string $note
 * @property string|null $evidence
 * @property string|null $reason
 */
final class DismissedInsightRecord extends Model
{
    protected $table = 'dismissed_insights';

    public $timestamps = false;

    protected $guarded = [];

    /** The dismissal as the core reads it. */
    public function insight(): DismissedInsight
    {
        return new DismissedInsight($this->note, $this->evidence, $this->reason);
    }
}

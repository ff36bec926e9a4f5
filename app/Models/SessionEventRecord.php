<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * One line of a session's log; lines are added, never changed.
 *
 * @property int $position order of arrival
 * @property string $id made by the client, a ULID
 * @property string $practice_session_id
 * @property string $type
 * @property array<string, mixed> $payload
 * @property int $at_ms when it happened, Unix milliseconds
 * @property-read PracticeSession $session
 * @property-read Coach $coach whoever was signed in on the device that logged it
 */
final class SessionEventRecord extends Model
{
    public $timestamps = false;

    protected $table = 'session_events';

    protected $primaryKey = 'position';

    protected $fillable = [
        'id',
        'practice_session_id',
        'logged_by',
        'type',
        'version',
        'payload',
        'at_ms',
        'recorded_at',
    ];

    /** @return BelongsTo<Coach, $this> */
    public function coach(): BelongsTo
    {
        return $this->belongsTo(Coach::class, 'logged_by');
    }

    /** @return BelongsTo<PracticeSession, $this> */
    public function session(): BelongsTo
    {
        $session = $this->belongsTo(PracticeSession::class, 'practice_session_id');
        $session->withoutGlobalScope(SoftDeletingScope::class);

        return $session;
    }

    /** Who noted it: a coach, or at home the student alone. */
    public function by(): string
    {
        return $this->session->is_home ? (string) $this->session->student?->name : $this->coach->name;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['payload' => 'array', 'at_ms' => 'integer'];
    }
}

<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\Student;
use Illuminate\Support\Facades\DB;

/**
 * Whom the lines of a log are about. A ball is whose it ended up as, whoever it was first said of; what is said about a
 * ball, or takes a line back, is about whom that one was.
 */
final class EventSubjects
{
    /** Lines about one person, whoever the session was begun for where none is named. */
    private const OF_ONE = [
        'putt_logged',
        'check_tried',
        'card_point_seen',
        'note_set_aside',
        'company_noted',
        'run_joined',
    ];

    /** Of those, the ones that can name somebody else than whoever the session was begun for. */
    public const OF_ONE_BY_NAME = ['putt_logged', 'check_tried', 'card_point_seen'];

    /** @var array<string, array<string, true>> students by session */
    private array $on = [];

    /** @var array<string, string|null> student by id of the line, for lines about one person */
    private array $whose = [];

    /**
     * @param iterable<array{id: string, session: string, type: string, payload: array<string, mixed>}> $events in order
     *     of arrival
     * @param array<string, string|null> $begunFor students by session
     * @param array<string, string|null> $balls students by ball, as they ended up
     */
    private function __construct(iterable $events, array $begunFor, array $balls)
    {
        foreach ($events as ['id' => $id, 'session' => $session, 'type' => $type, 'payload' => $payload]) {
            $about = $payload['putt_id'] ?? ($payload['event_id'] ?? null);
            if (array_key_exists($id, $balls)) {
                $this->whose[$id] = $balls[$id];
            } elseif (in_array($type, self::OF_ONE, true)) {
                $named = $payload['student'] ?? null;
                $this->whose[$id] = is_string($named) ? $named : $begunFor[$session] ?? null;
            } elseif (is_string($about) && array_key_exists($about, $this->whose)) {
                $this->whose[$id] = $this->whose[$about];
            }
            if (isset($this->whose[$id])) {
                $this->on[$session][$this->whose[$id]] = true;
            }
        }
    }

    /**
     * Ids of the sessions that were begun for a student, or that say anything of them; those put away too.
     *
     * @return list<string>
     */
    public static function sessionsOf(Student $student): array
    {
        $begun = DB::table('practice_sessions')->where('student_id', $student->id)->pluck('id');
        // Lines name whom they are about in their payload; one that names them by accident costs a look, no more.
        $named = DB::table('session_events')
            ->join('practice_sessions', 'practice_sessions.id', '=', 'session_events.practice_session_id')
            ->where('practice_sessions.workspace_id', $student->workspace_id)
            ->where('session_events.payload', 'like', "%$student->id%")
            ->distinct()
            ->pluck('practice_session_id');

        return array_values($begun->merge($named)->unique()->sort()->map(strval(...))->all());
    }

    /** @param list<string> $sessions ids */
    public static function inSessions(array $sessions): self
    {
        $lines = [];
        foreach (
            DB::table('session_events')
                ->whereIn('practice_session_id', $sessions)
                ->orderBy('position')
                ->get(['id', 'practice_session_id', 'type', 'payload'])
            as $row
        ) {
            $lines[] = [
                'id' => (string) $row->id,
                'session' => (string) $row->practice_session_id,
                'type' => (string) $row->type,
                'payload' => (array) json_decode((string) $row->payload, true),
            ];
        }

        return new self(
            $lines,
            DB::table('practice_sessions')->whereIn('id', $sessions)->pluck('student_id', 'id')->all(),
            DB::table('balls')->whereIn('practice_session_id', $sessions)->pluck('student_id', 'id')->all(),
        );
    }

    /** Whether a line is about one person, and that one. */
    public function isOf(string $line, string $student): bool
    {
        return ($this->whose[$line] ?? null) === $student;
    }

    /** Whether a line is about one person, and another one. */
    public function isOfSomebodyBut(string $line, string $student): bool
    {
        return array_key_exists($line, $this->whose) && $this->whose[$line] !== $student;
    }

    /** @return list<string> ids of the lines about one person */
    public function linesOf(string $student): array
    {
        return array_map(
            strval(...),
            array_keys(array_filter($this->whose, static fn(?string $whose): bool => $whose === $student)),
        );
    }

    /** Whether the lines of a session are about several people. */
    public function isShared(string $session): bool
    {
        return count($this->on[$session] ?? []) > 1;
    }

    /** Whether any line of a session is about somebody else. */
    public function hasOthersThan(string $student, string $session): bool
    {
        return array_diff_key($this->on[$session] ?? [], [$student => true]) !== [];
    }
}

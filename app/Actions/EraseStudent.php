<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BallRecord;
use App\Models\ErasedRecord;
use App\Models\PracticeSession;
use App\Models\Putter;
use App\Models\QuizAnswerRecord;
use App\Models\Round;
use App\Models\Student;
use App\Models\Workspace;
use App\Reports\EventSubjects;
use App\Reports\NamesInNotes;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What goes for good with a student, and its going: no line of any log says anything of them afterwards. */
final readonly class EraseStudent
{
    public function __construct(private Student $student) {}

    /**
     * What is erased.
     *
     * @return array{sessions: int, shared_sessions: int, balls: int, rounds: int, putters: int, guesses: int, named_in: array{places: list<array{where: string, text: string}>, count: int}}
     *     the
     * second: sessions with others, of which theirs stay; the last: where others' records name them, and will
     */
    public function deletionPreview(): array
    {
        $sessions = $this->sessions();
        $said = self::said($sessions);
        $shared = count(
            array_filter($sessions, fn(PracticeSession $session): bool => $this->hasOthers($session, $said)),
        );

        return [
            'sessions' => count($sessions) - $shared,
            'shared_sessions' => $shared,
            'balls' => BallRecord::query()->where('student_id', $this->student->id)->count(),
            'rounds' => Round::withTrashed()->where('student_id', $this->student->id)->count(),
            'putters' => Putter::query()->where('student_id', $this->student->id)->count(),
            'guesses' => QuizAnswerRecord::query()->where('student_id', $this->student->id)->count(),
            'named_in' => NamesInNotes::of($this->student->workspace_id, $this->student->name, $this->student->id),
        ];
    }

    /** Erase it, all or nothing. */
    public function erase(ProjectSession $projector): void
    {
        DB::transaction(function () use ($projector): void {
            $sessions = $this->sessions();
            $said = self::said($sessions);
            $gone = [$this->student->id];
            foreach ($sessions as $session) {
                if ($this->hasOthers($session, $said)) {
                    $this->takeOut($session, $said, $projector);
                } else {
                    $gone[] = $session->id;
                    $session->forceDelete();
                }
            }
            $this->student->forceDelete();
            ErasedRecord::note($this->student->workspace_id, $gone);
            Workspace::evidenceChanged($this->student->workspace_id);
        });
    }

    /** Leave a session to the others who were on it. */
    private function takeOut(PracticeSession $session, EventSubjects $said, ProjectSession $projector): void
    {
        foreach (array_chunk($said->linesOf($this->student->id), 500) as $some) {
            DB::table('session_events')->where('practice_session_id', $session->id)->whereIn('id', $some)->delete();
        }
        foreach ($session->runs()->get() as $run) {
            $run->update(['students' => array_values(array_diff($run->students, [$this->student->id]))]);
        }
        if ($session->student_id === $this->student->id) {
            // Quietly: what is noted of a change would say what was to be forgotten.
            $session
                ->forceFill([
                    'student_id' => null,
                    'purpose' => null,
                    'note_for_student' => null,
                    'note_for_next' => null,
                ])
                ->saveQuietly();
            $session->unsetRelation('student');
        }
        $projector->project($session, isWhole: true);
    }

    /** @return list<PracticeSession> */
    private function sessions(): array
    {
        /** @var Collection<int, PracticeSession> $sessions */
        $sessions = PracticeSession::withTrashed()
            ->whereKey(EventSubjects::sessionsOf($this->student))
            ->orderBy('id')
            ->get();

        return array_values($sessions->all());
    }

    /** @param list<PracticeSession> $sessions */
    private static function said(array $sessions): EventSubjects
    {
        return EventSubjects::inSessions(
            array_map(static fn(PracticeSession $session): string => $session->id, $sessions),
        );
    }

    private function hasOthers(PracticeSession $session, EventSubjects $said): bool
    {
        return $session->student_id !== $this->student->id || $said->hasOthersThan($this->student->id, $session->id);
    }
}

<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\BallRow;
use App\Models\Bench;
use App\Models\GuessRow;
use App\Models\PracticeSession;
use App\Models\Putter;
use App\Models\Round;
use App\Models\Student;
use App\Practice\Projector;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What goes for good with a student, and its going: no line of any log says anything of them afterwards. */
final readonly class ErasingStudent
{
    public function __construct(private Student $student)
    {
    }

    /**
     * What is erased.
     *
     * @return array{sessions: int, shared_sessions: int, balls: int, rounds: int, putters: int, guesses: int} the second: sessions with
     *                                                                                       others, of which theirs stay
     */
    public function goes(): array
    {
        $all = $this->sessions();
        $shared = count(array_filter($all, $this->hasOthers(...)));

        return [
            'sessions' => count($all) - $shared,
            'shared_sessions' => $shared,
            'balls' => BallRow::query()->where('student_id', $this->student->id)->count(),
            'rounds' => Round::withTrashed()->where('student_id', $this->student->id)->count(),
            'putters' => Putter::query()->where('student_id', $this->student->id)->count(),
            'guesses' => GuessRow::query()->where('student_id', $this->student->id)->count(),
        ];
    }

    /** Erase it, all or nothing. */
    public function erase(Projector $projector): void
    {
        DB::transaction(function () use ($projector): void {
            foreach ($this->sessions() as $session) {
                if ($this->hasOthers($session)) {
                    $this->takeOut($session, $projector);
                } else {
                    $session->forceDelete();
                }
            }
            $this->student->forceDelete();
            Bench::evidenceChanged($this->student->bench_id);
        });
    }

    /** Leave a session to the others who were on it. */
    private function takeOut(PracticeSession $session, Projector $projector): void
    {
        $lines = SaidOf::inSessions([$session->id])->linesOf($this->student->id);
        foreach (array_chunk($lines, 500) as $some) {
            DB::table('session_events')->where('practice_session_id', $session->id)->whereIn('id', $some)->delete();
        }
        foreach ($session->runs()->get() as $run) {
            $run->update(['students' => array_values(array_diff($run->students, [$this->student->id]))]);
        }
        if ($session->student_id === $this->student->id) {
            $session->forceFill(['student_id' => null, 'purpose' => null, 'note_for_student' => null, 'note_for_next' => null])->save();
            $session->unsetRelation('student');
        }
        $projector->project($session, isWhole: true);
    }

    /** @return list<PracticeSession> begun for them, or in which something is said of them */
    private function sessions(): array
    {
        $id = $this->student->id;
        // Lines name whom they are about in their payload; one that names them by accident costs a look, no more.
        $named = DB::table('session_events')->join('practice_sessions', 'practice_sessions.id', '=', 'session_events.practice_session_id')
            ->where('practice_sessions.bench_id', $this->student->bench_id)->where('session_events.payload', 'like', "%$id%")->distinct()->pluck('practice_session_id');

        /** @var Collection<int, PracticeSession> $sessions */
        $sessions = PracticeSession::withTrashed()->where('student_id', $id)->orWhereIn('id', $named)->orderBy('id')->get();

        return array_values($sessions->all());
    }

    private function hasOthers(PracticeSession $session): bool
    {
        return $session->student_id !== $this->student->id || SaidOf::inSessions([$session->id])->hasOthersThan($this->student->id);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Green\Grass;
use Amble\Core\Session\Condition;
use Amble\Core\Student\Retention;
use App\Actions\SimulatedSession;
use App\Http\Resources\GreenResource;
use App\Http\Resources\SessionSummaryResource;
use App\Http\Resources\StudentResource;
use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\HomeworkLog;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Collection;

final class TodayController
{
    private const RECENT_SESSIONS = 60;

    /** More are not left open at once; older ones are in the session history. */
    private const OPEN_SESSIONS = 100;

    /** Lay out the workspace: who comes, which greens, what was done and left to do. */
    public function __invoke(#[CurrentUser] Coach $coach): JsonResponse
    {
        $asked = HomeworkLog::questions($coach->workspace_id);
        /** @var Collection<int, Student> $students */
        $students = $coach->students()->where('is_simulated', false)->orderBy('name')->get();

        return new JsonResponse([
            'students' => StudentResource::collection($students),
            'greens' => GreenResource::collection(
                $coach
                    ->greens()
                    ->where('is_simulated', false)
                    ->with('latestReading.session.student')
                    ->orderBy('name')
                    ->get(),
            ),
            'sessions' => SessionSummaryResource::collection($this->sessions($coach)),
            'planned' => $coach
                ->practiceSessions()
                ->where('is_planned', true)
                ->orderByDesc('id')
                ->get(['id', 'student_id']),
            'questions' => array_map(
                static fn(string $student, string $text): array => ['student_id' => $student, 'text' => $text],
                array_keys($asked),
                array_values($asked),
            ),
            'past_retention' => self::pastTheirDay($students),
            'grasses' => array_map(
                static fn(Grass $grass): array => [
                    'value' => $grass->value,
                    'label' => $grass->label(),
                    'season' => $grass->isOfWarmSeason() ? 'warm' : 'cool',
                    'has_grain' => $grass->hasGrain(),
                ],
                Grass::cases(),
            ),
            'conditions' => array_map(
                static fn(Condition $condition): array => [
                    'value' => $condition->value,
                    'label' => $condition->label(),
                    'expects' => $condition->expects(),
                ],
                Condition::cases(),
            ),
            'simulation' => SimulatedSession::underWay($coach)?->id,
        ]);
    }

    /**
     * @param Collection<int, Student> $students
     *
     * @return list<array{student_id: string, says: string}> whose records may be kept no longer
     */
    private static function pastTheirDay(Collection $students): array
    {
        $today = CarbonImmutable::today()->format('Y-m-d');
        $past = [];
        foreach ($students as $student) {
            $retention = Retention::of($student->facts());
            if ($retention?->isPast($today) === true) {
                $past[] = ['student_id' => $student->id, 'says' => $retention->words()];
            }
        }

        return $past;
    }

    /** @return Collection<int, PracticeSession> those that are open, and the last ones that ended, the latest first */
    private function sessions(Coach $coach): Collection
    {
        $latest = static fn(int $most) => $coach
            ->practiceSessions()
            ->where(PracticeSession::ofPeople(...))
            ->orderByDesc('started_at')
            ->limit($most);

        /** @var Collection<int, PracticeSession> $sessions */
        $sessions = $latest(self::OPEN_SESSIONS)
            ->whereNull('ended_at')
            ->get()
            ->concat($latest(self::RECENT_SESSIONS)->whereNotNull('ended_at')->get());

        return $sessions->sortByDesc('started_at')->values();
    }
}

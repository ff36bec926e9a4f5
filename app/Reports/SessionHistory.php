<?php

declare(strict_types=1);

namespace App\Reports;

use App\Models\PracticeSession;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Finds past sessions, each with what was done in it. */
final class SessionHistory
{
    /** Sessions told at once. */
    public const PAGE = 30;

    /**
     * @param array{student_id?: string, green_id?: string, before?: string} $wanted a student finds sessions they
     *     rolled in as well as their own
     *
     * @return list<SessionHistoryLine> the latest first
     */
    public function page(string $workspaceId, array $wanted): array
    {
        $sessions = PracticeSession::query()
            ->where(PracticeSession::ofPeople(...))
            ->where('workspace_id', $workspaceId)
            ->orderByDesc('started_at')
            ->orderByDesc('id')
            ->limit(self::PAGE);
        if (isset($wanted['student_id'])) {
            $sessions->where(
                static fn(Builder $either) => $either
                    ->where('student_id', $wanted['student_id'])
                    ->orWhereIn(
                        'id',
                        static fn(Rows $rows) => $rows
                            ->from('balls')
                            ->select('practice_session_id')
                            ->where('student_id', $wanted['student_id']),
                    ),
            );
        }
        if (isset($wanted['green_id'])) {
            $sessions->where('green_id', $wanted['green_id']);
        }
        if (isset($wanted['before'])) {
            $sessions->where('started_at', '<', CarbonImmutable::parse($wanted['before'])->utc());
        }

        /** @var Collection<int, PracticeSession> $found */
        $found = $sessions->get();

        return $this->lines($found);
    }

    /**
     * @param Collection<int, PracticeSession> $sessions
     *
     * @return list<SessionHistoryLine>
     */
    public function lines(Collection $sessions): array
    {
        $sessions = $sessions->all();
        $ids = array_map(static fn(PracticeSession $session): string => $session->id, $sessions);
        (new \Illuminate\Database\Eloquent\Collection($sessions))->load('student', 'green');
        $balls = DB::table('balls')
            ->whereIn('practice_session_id', $ids)
            ->groupBy('practice_session_id')
            ->selectRaw('practice_session_id, count(*) as balls, count(distinct student_id) as students')
            ->get()
            ->keyBy('practice_session_id');
        $drills = DB::table('findings')
            ->whereIn('practice_session_id', $ids)
            ->orderBy('at_ms')
            ->get(['practice_session_id', 'name'])
            ->groupBy('practice_session_id');

        return array_map(
            static fn(PracticeSession $session): SessionHistoryLine => new SessionHistoryLine(
                $session,
                (int) ($balls->get($session->id)->balls ?? 0),
                (int) ($balls->get($session->id)->students ?? 0),
                array_values(
                    array_unique(array_filter($drills->get($session->id)?->pluck('name')->all() ?? [], is_string(...))),
                ),
            ),
            array_values($sessions),
        );
    }
}

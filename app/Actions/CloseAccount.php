<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\BallRecord;
use App\Models\Coach;
use App\Models\Membership;
use App\Models\PracticeSession;
use App\Models\Role;
use App\Models\Student;
use App\Models\Workspace;
use App\Reports\NamesInNotes;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Validation\ValidationException;

/** What goes for good with an account, and its going. */
final readonly class CloseAccount
{
    /** Tables whose rows say who made them: in a workspace that stays, its owner answers for them from then on. */
    private const MADE_BY = [
        'students' => 'coach_id',
        'greens' => 'coach_id',
        'practice_sessions' => 'coach_id',
        'green_speed_measurements' => 'coach_id',
        'drills' => 'coach_id',
        'drill_runs' => 'coach_id',
        'length_sets' => 'coach_id',
        'rounds' => 'coach_id',
        'benchmarks' => 'coach_id',
        'take_home_cards' => 'coach_id',
        'putters' => 'coach_id',
        'cards' => 'coach_id',
        'saved_reads' => 'coach_id',
        'hole_maps' => 'coach_id',
        'guesses' => 'coach_id',
        'homework_entries' => 'coach_id',
        'bookings' => 'coach_id',
        'letters' => 'coach_id',
        'changes' => 'coach_id',
        'session_events' => 'logged_by',
    ];

    /** So many places that name the coach are told. */
    private const PLACES = 20;

    public function __construct(private Coach $coach) {}

    /**
     * What is deleted: the workspaces nobody else works at. Records in a workspace of several stay with the workspace.
     *
     * @return array{students: int, sessions: int, balls: int, workspaces_left: list<string>, named_in: array{places: list<array{where: string, text: string}>, count: int}}
     *     the
     * last two: workspaces that go on without the coach, and where in their notes the coach's name stays
     */
    public function deletionPreview(): array
    {
        $workspaces = $this->workspaces(isAlone: true)->pluck('id');
        $left = $this->workspaces(isAlone: false)->get();
        $named = array_map(
            fn(Workspace $workspace): array => NamesInNotes::of($workspace->id, $this->coach->name, null),
            $left->all(),
        );

        return [
            'students' => Student::withTrashed()->whereIn('workspace_id', $workspaces)->count(),
            'sessions' => PracticeSession::withTrashed()->whereIn('workspace_id', $workspaces)->count(),
            'balls' => BallRecord::query()->whereIn('workspace_id', $workspaces)->count(),
            'workspaces_left' => array_values(
                $left->map(static fn(Workspace $workspace): string => $workspace->name)->sort()->all(),
            ),
            'named_in' => [
                'places' => array_slice(array_merge([], ...array_column($named, 'places')), 0, self::PLACES),
                'count' => array_sum(array_column($named, 'count')),
            ],
        ];
    }

    /**
     * Delete the account and what is its alone, all or nothing; refused while others would be left in a workspace
     * without an owner.
     */
    public function close(): void
    {
        DB::transaction(function (): void {
            foreach ($this->workspaces(isAlone: false)->get() as $workspace) {
                $this->handOver($workspace, $this->ownerBeside($workspace));
            }
            foreach ($this->workspaces(isAlone: true)->get() as $workspace) {
                $workspace->delete();
            }
            DB::table('password_reset_tokens')->where('email', $this->coach->email)->delete();
            $this->coach->delete();
        });
    }

    private function handOver(Workspace $workspace, Membership $owner): void
    {
        foreach (self::MADE_BY as $table => $column) {
            $rows = DB::table($table)->where($column, $this->coach->id);
            if (Schema::hasColumn($table, 'workspace_id')) {
                $rows->where('workspace_id', $workspace->id);
            } else {
                $rows->whereIn(
                    'practice_session_id',
                    DB::table('practice_sessions')->where('workspace_id', $workspace->id)->select('id'),
                );
            }
            $rows->update([$column => $owner->coach_id]);
        }
    }

    private function ownerBeside(Workspace $workspace): Membership
    {
        return $workspace
            ->memberships()
            ->where('coach_id', '!=', $this->coach->id)
            ->where('role', Role::Owner)
            ->first() ??
            throw ValidationException::withMessages([
                'password' => "$workspace->name would be left without an owner. Make another member its owner first.",
            ]);
    }

    /** @return Builder<Workspace> workspaces this coach works at: those where nobody else does, or the others */
    private function workspaces(bool $isAlone): Builder
    {
        $beside = fn(Builder $members): Builder => $members->where('coach_id', '!=', $this->coach->id);
        $workspaces = Workspace::query()->whereHas(
            'memberships',
            fn(Builder $members): Builder => $members->where('coach_id', $this->coach->id),
        );

        return $isAlone
            ? $workspaces->whereDoesntHave('memberships', $beside)
            : $workspaces->whereHas('memberships', $beside);
    }
}

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
    /** Tables whose rows say who made them: at a bench that stays, its owner answers for them from then on. */
    private const MADE_BY = [
        'students' => 'coach_id', 'greens' => 'coach_id', 'practice_sessions' => 'coach_id', 'green_readings' => 'coach_id', 'drills' => 'coach_id',
        'drill_runs' => 'coach_id', 'length_sets' => 'coach_id', 'rounds' => 'coach_id', 'benchmarks' => 'coach_id', 'pocket_cards' => 'coach_id',
        'putters' => 'coach_id', 'cards' => 'coach_id', 'kept_reads' => 'coach_id', 'guesses' => 'coach_id', 'home_entries' => 'coach_id', 'bookings' => 'coach_id', 'letters' => 'coach_id', 'changes' => 'coach_id', 'session_events' => 'logged_by',
    ];

    /** So many places that name the coach are told. */
    private const PLACES = 20;

    public function __construct(private Coach $coach)
    {
    }

    /**
     * What is deleted: the benches nobody else works at. Records at a bench of several stay with the bench.
     *
     * @return array{students: int, sessions: int, balls: int, benches_left: list<string>, named_in: array{places: list<array{where: string, text: string}>, count: int}} the
     *                                                                                       last two: benches that go on without the coach, and where in their notes the coach's name stays
     */
    public function goes(): array
    {
        $benches = $this->benches(isAlone: true)->pluck('id');
        $left = $this->benches(isAlone: false)->get();
        $named = array_map(fn(Workspace $bench): array => NamesInNotes::of($bench->id, $this->coach->name, null), $left->all());

        return [
            'students' => Student::withTrashed()->whereIn('bench_id', $benches)->count(),
            'sessions' => PracticeSession::withTrashed()->whereIn('bench_id', $benches)->count(),
            'balls' => BallRecord::query()->whereIn('bench_id', $benches)->count(),
            'benches_left' => array_values($left->map(static fn(Workspace $bench): string => $bench->name)->sort()->all()),
            'named_in' => [
                'places' => array_slice(array_merge([], ...array_column($named, 'places')), 0, self::PLACES),
                'count' => array_sum(array_column($named, 'count')),
            ],
        ];
    }

    /** Delete the account and what is its alone, all or nothing; refused while others would be left at a bench without an owner. */
    public function close(): void
    {
        DB::transaction(function (): void {
            foreach ($this->benches(isAlone: false)->get() as $bench) {
                $this->handOver($bench, $this->ownerBeside($bench));
            }
            foreach ($this->benches(isAlone: true)->get() as $bench) {
                $bench->delete();
            }
            DB::table('password_reset_tokens')->where('email', $this->coach->email)->delete();
            $this->coach->delete();
        });
    }

    private function handOver(Workspace $bench, Membership $owner): void
    {
        foreach (self::MADE_BY as $table => $column) {
            $rows = DB::table($table)->where($column, $this->coach->id);
            if (Schema::hasColumn($table, 'bench_id')) {
                $rows->where('bench_id', $bench->id);
            } else {
                $rows->whereIn('practice_session_id', DB::table('practice_sessions')->where('bench_id', $bench->id)->select('id'));
            }
            $rows->update([$column => $owner->coach_id]);
        }
    }

    private function ownerBeside(Workspace $bench): Membership
    {
        return $bench->memberships()->where('coach_id', '!=', $this->coach->id)->where('role', Role::Owner)->first()
            ?? throw ValidationException::withMessages(['password' => "$bench->name would be left without an owner. Make somebody else its owner first."]);
    }

    /** @return Builder<Workspace> benches this coach works at: those where nobody else does, or the others */
    private function benches(bool $isAlone): Builder
    {
        $beside = fn(Builder $members): Builder => $members->where('coach_id', '!=', $this->coach->id);
        $benches = Workspace::query()->whereHas('memberships', fn(Builder $members): Builder => $members->where('coach_id', $this->coach->id));

        return $isAlone ? $benches->whereDoesntHave('memberships', $beside) : $benches->whereHas('memberships', $beside);
    }
}

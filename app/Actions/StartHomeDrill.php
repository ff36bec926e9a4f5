<?php

declare(strict_types=1);

namespace App\Actions;

use Amble\Core\Drill\Level\ShortenedDrill;
use App\Models\Coach;
use App\Models\DrillDefinition;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\TakeHomeCard;
use App\Reports\DrillLibrary;
use App\Reports\DrillStart;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * Starts the drill of a take-home card: the student rolls it at home with the card's link, and the same engine judges
 * it.
 */
final class StartHomeDrill
{
    /** More in one day nobody does: a link in wrong hands fills no workspace. */
    private const A_DAY = 20;

    public function __construct(private readonly DrillLibrary $library, private readonly DrillStart $runs) {}

    /**
     * The drill as it would begin now, under ids that are kept once it is begun: so it begins without a network as
     * well.
     *
     * @return array{PracticeSession, PracticeRun}|null null where the task is no drill of this workspace
     */
    public function offered(TakeHomeCard $card): ?array
    {
        $drill = $this->drill($card);
        if ($drill === null) {
            return null;
        }
        $session = new PracticeSession(self::columns($card, (string) Str::ulid(), CarbonImmutable::now()));
        $session->setRelation('student', $card->student)->setRelation('green', null);
        $run = new PracticeRun($this->runColumns($session, (string) Str::ulid(), $drill));

        return [$session, $run];
    }

    /**
     * Begin it under the ids it was offered with; the same ids again answer with what is there.
     *
     * @throws ValidationException If the task is no drill any more, or there were too many that day.
     */
    public function begin(TakeHomeCard $card, string $id, string $runId, CarbonImmutable $at): PracticeSession
    {
        $drill =
            $this->drill($card) ??
            throw ValidationException::withMessages([
                'id' => 'Your coach has changed this drill. Load the card again.',
            ]);
        if (PracticeSession::madeBefore($id, $card->workspace_id) === null && $this->today($card) >= self::A_DAY) {
            throw ValidationException::withMessages(['id' => 'That is enough for one day: nothing more was saved.']);
        }

        return DB::transaction(function () use ($card, $id, $runId, $at, $drill): PracticeSession {
            $session = PracticeSession::once(
                $id,
                $card->workspace_id,
                static fn(): PracticeSession => PracticeSession::query()->create(self::columns($card, $id, $at)),
            );
            abort_if(!$session->is_home || $session->student_id !== $card->student_id, 404);
            $run = PracticeRun::once(
                $runId,
                $card->workspace_id,
                fn(): PracticeRun => PracticeRun::query()->create($this->runColumns($session, $runId, $drill)),
            );
            abort_if($run->practice_session_id !== $session->id, 404);

            return $session;
        });
    }

    /** The task's drill where this student stands in it, and no longer than the dose. */
    private function drill(TakeHomeCard $card): ?\stdClass
    {
        $coach = $card->home_drill === null ? null : Coach::query()->find($card->coach_id);
        // In round numbers of whoever rolls it.
        $drill =
            $coach instanceof Coach
                ? $this->library->ofWorkspace(
                        (clone $coach)->forceFill([
                            'unit' => $card->student->unit,
                            'stride_m' => $card->student->stride_m,
                        ]),
                    )[$card->home_drill] ?? null
                : null;
        if ($drill === null) {
            return null;
        }
        $session = (new PracticeSession())->setRelation('student', $card->student);
        $plain = DrillDefinition::asArray($drill);
        $read = DrillDefinition::card($drill);
        $now = $this->runs->progression($read, $session)?->standing()->laidInto($plain, $read) ?? $plain;

        return DrillDefinition::fromArray(ShortenedDrill::within($now, $card->home_balls, null));
    }

    /** @return array<string, mixed> */
    private static function columns(TakeHomeCard $card, string $id, CarbonImmutable $at): array
    {
        return [
            'id' => $id,
            'workspace_id' => $card->workspace_id,
            'coach_id' => $card->coach_id,
            'student_id' => $card->student_id,
            'purpose' => $card->home_task,
            // Nobody goes on with it in the workspace.
            'is_home' => true,
            'started_at' => $at,
            'ended_at' => $at,
        ];
    }

    /** @return array<string, mixed> */
    private function runColumns(PracticeSession $session, string $id, \stdClass $drill): array
    {
        return [
            'id' => $id,
            'workspace_id' => $session->workspace_id,
            'coach_id' => $session->coach_id,
            'practice_session_id' => $session->id,
            'definition' => DrillDefinition::columns($drill)['definition'],
            'seed' => PracticeRun::seedOf($id),
            'students' => [],
        ];
    }

    private function today(TakeHomeCard $card): int
    {
        return PracticeSession::query()
            ->where('student_id', $card->student_id)
            ->where('is_home', true)
            ->where('created_at', '>', CarbonImmutable::now()->subDay())
            ->count();
    }
}

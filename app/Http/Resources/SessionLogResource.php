<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Actions\AppendedEvents;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Reports\DrillFindings;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Collection;

/**
 * What events changed of a session: the balls whose rows changed, the drill runs, and the short lists of its log.
 *
 * @property PracticeSession $resource
 */
final class SessionLogResource extends JsonResource
{
    public function __construct(
        PracticeSession $session,
        private readonly AppendedEvents $appended,
        private readonly DrillFindings $findings,
    ) {
        parent::__construct($session);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $session = $this->resource;
        $changed = $this->appended->projected;
        /** @var Collection<int, PracticeRun> $runs */
        $runs = $changed->runs === [] ? collect() : $session->runs()->whereKey($changed->runs)->orderBy('id')->get();

        return [
            'version' => $this->appended->version,
            'since' => $this->appended->since,
            'putts' => BallResource::collection(
                $session->ballRows($this->appended->since === null ? null : $changed->changed),
            ),
            'removed' => $this->appended->since === null ? [] : $changed->removed,
            'runs' => array_map(
                fn(PracticeRun $run): RunResource => new RunResource(
                    $run,
                    $changed->log->ofRun($run->id),
                    $this->findings,
                    $session->student_id,
                ),
                $runs->all(),
            ),
            'stations' => $session->stations,
            'conditions' => $session->conditions,
            'dismissed_insights' => $session->dismissed_insights,
            'group_members' => $session->companions(),
            'latest_ms' => $session->latest_ms,
            'during' => $session->during,
            'checks' => $session->checkTries(),
            'checklist_answers' => $session->cardSights(),
        ];
    }
}

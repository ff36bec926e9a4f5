<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\StartHomeDrill;
use App\Http\Resources\RunResource;
use App\Http\Resources\SessionResource;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\TakeHomeCard;
use App\Reports\DrillFindings;
use App\Reports\GreenSpeeds;
use App\Reports\SessionLogs;

/** Answers of a drill at home: what whoever holds a take-home card's link may read. */
final class HomeDrillAnswers
{
    public function __construct(
        private readonly StartHomeDrill $start,
        private readonly GreenSpeeds $speeds,
        private readonly SessionLogs $logs,
        private readonly DrillFindings $findings,
    ) {}

    /**
     * @return array{session: SessionResource, run: RunResource}|null null where the card's task is no drill of this workspace
     */
    public function offered(TakeHomeCard $card): ?array
    {
        $offered = $this->start->offered($card);
        if ($offered === null) {
            return null;
        }
        [$session, $run] = $offered;

        return ['session' => $this->session($session), 'run' => $this->run($session, $run)];
    }

    /** A session at home: of the profile only what measuring needs, and no note of the coach's. */
    public function session(PracticeSession $session): SessionResource
    {
        $session->loadMissing('student', 'green');
        $student =
            $session->student === null
                ? null
                : (clone $session->student)->forceFill(['exception' => null, 'putter' => null, 'line_cure' => null]);
        $told = (clone $session)->setRelation('student', $student);

        return new SessionResource($told, $this->speeds->ofSession($session), $session->ballRows());
    }

    public function run(PracticeSession $session, PracticeRun $run): RunResource
    {
        return new RunResource($run, $this->logs->ofRun($run), $this->findings, $session->student_id);
    }
}

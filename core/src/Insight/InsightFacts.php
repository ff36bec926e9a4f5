<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Direction\LineCure;
use Amble\Core\Distance\Today;
use Amble\Core\Evidence\FirstAttempts;
use Amble\Core\Evidence\MeasurementInForce;
use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\ChangeMarker;
use Amble\Core\Rounds\RoundReport;
use Amble\Core\Stroke\SessionOffset;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Student\BackstrokeCue;
use Amble\Core\Student\Complaint;
use Amble\Core\Student\Level;

/** Everything a rule may rest on. What is not known is null, and a rule that needs it stays silent. Immutable. */
final readonly class InsightFacts
{
    /**
     * @param MeasurementInForce|null $reading of the green now; null without any
     * @param SessionOffset|null $strokeToday today's balls against the student's own line; null while either is thin
     * @param Today|null $today today's first balls at targets against what is usual, this student first; null without any
     * @param non-negative-int $ballsToday those of this student that it rests on
     * @param array<string, positive-int> $leftOut balls the fit left out, by reason
     * @param FirstAttempts|null $tries today's, first ones apart; null where none tells a length
     * @param BallSelection|null $lately the latest balls on this kind of surface, from which habits are told; null
     *     where nobody looked
     * @param BallSelection|null $session this session's
     * @param BallSelection|null $path balls on this kind of surface as far back as breaks are looked for
     * @param list<ChangeMarker> $changeMarkers breaks across the student's path, oldest first
     * @param LineCure|null $cure how this student takes out a start to one side; null where the coach has not chosen
     * @param RoundReport|null $play what rounds come to; null without any
     * @param Complaint|null $complaint what the student came for; null where nobody said
     * @param Level $level of the student
     * @param list<SessionOffset> $strokesOfOthers today's balls of the others on this green, each against their own line
     * @param bool $hasHistory whether earlier sessions tell where this student's balls usually finish
     * @param float|null $markTo metres up to which this student sets a line on the ball; null where nobody said
     */
    public function __construct(
        public StrokeFit $fit,
        public MeasurementMethod $method,
        public ?MeasurementInForce $reading,
        public ?SessionOffset $strokeToday,
        public ?Today $today,
        public int $ballsToday,
        public array $leftOut,
        public BackstrokeCue $school,
        public ?FirstAttempts $tries = null,
        public ?BallSelection $lately = null,
        public ?BallSelection $session = null,
        public ?BallSelection $path = null,
        public array $changeMarkers = [],
        public ?LineCure $cure = null,
        public ?RoundReport $play = null,
        public ?Complaint $complaint = null,
        public ?float $markTo = null,
        public Level $level = Level::Club,
        public array $strokesOfOthers = [],
        public bool $hasHistory = false,
    ) {}
}

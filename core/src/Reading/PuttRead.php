<?php

declare(strict_types=1);

namespace Amble\Core\Reading;

use Amble\Core\Roll\AimSolution;
use Amble\Core\Roll\MakeWindow;
use Amble\Core\Roll\NoAimReason;
use Amble\Core\Stroke\BackstrokeAnswer;
use Amble\Core\Stroke\StrokeFit;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Strokes\Player;
use Amble\Core\Student\Hand;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

/** Everything a read says: its lines, what the hole takes, what a slip costs, and the same in words. Immutable. */
final readonly class PuttRead
{
    /**
     * @param non-empty-list<PaceLine> $lines the one that is meant first
     * @param list<StrikeError> $slips none without a line
     * @param list<float|null> $strokes what each slip leaves to be putted, at this player's rates; null where unknown
     * @param BackstrokeAnswer|null $backstroke the student's own for it; null while theirs is unknown
     * @param float|null $degreeCosts putts more from here for one whose balls start a degree off, as a habit
     * @param float|null $tenthCosts likewise a tenth short
     * @param list<string> $words
     * @param list<string> $hints
     */
    private function __construct(
        public PuttSituation $putt,
        public array $lines,
        public MakeWindow $window,
        public array $slips,
        public array $strokes,
        public ?BackstrokeAnswer $backstroke,
        public ?float $degreeCosts,
        public ?float $tenthCosts,
        public array $words,
        public array $hints,
    ) {}

    /**
     * @param StrokeFit|null $fit of the student's stroke on this kind of surface
     * @param ExpectedPutts|null $rates of the player the costs are told for, with that player
     */
    public static function of(
        PuttSituation $putt,
        ?Hand $hand,
        ?StrokeFit $fit = null,
        ?ExpectedPutts $rates = null,
        ?Player $player = null,
    ): self {
        $meant = PaceLine::of($putt, PaceKind::Meant);
        $lines = [$meant, $meant->slower($putt), PaceLine::of($putt, PaceKind::Firm)];
        $read = $lines[0]->read;
        $slips = $read === null ? [] : StrikeError::all($putt->surface, $putt->length, $read);
        $backstroke = self::backstroke($putt, $fit, $read);
        $now = $player === null ? null : $rates?->from($putt->length)->expected;

        return new self(
            putt: $putt,
            lines: $lines,
            window: MakeWindow::around(
                $putt->surface,
                $putt->length,
                $read ?? AimSolution::refused(NoAimReason::NoLine),
            ),
            slips: $slips,
            strokes: array_map(static fn(StrikeError $slip): ?float => self::putts($slip, $rates), $slips),
            backstroke: $backstroke,
            degreeCosts: self::costs($now, $putt->length, $rates, $player?->off(deg2rad(StrikeError::DEGREE), 0.0)),
            tenthCosts: self::costs($now, $putt->length, $rates, $player?->off(0.0, -StrikeError::TENTH)),
            words: PuttWords::of($putt, $lines, $hand),
            hints: ReadHint::of($putt, $read),
        );
    }

    private static function backstroke(PuttSituation $putt, ?StrokeFit $fit, ?AimSolution $read): ?BackstrokeAnswer
    {
        $plays = $read?->playsLike();

        return $plays === null || $plays <= 0.0
            ? null
            : $fit?->backstrokeFor(Length::ofMetres($plays), $putt->surface->speed, Grade::level());
    }

    private static function putts(StrikeError $slip, ?ExpectedPutts $rates): ?float
    {
        return match (true) {
            $slip->isHoled => 0.0,
            $slip->leave === null || $rates === null => null,
            default => $rates->after(Length::ofMetres(max(0.01, $slip->leave))),
        };
    }

    private static function costs(?float $now, Length $length, ?ExpectedPutts $rates, ?Player $off): ?float
    {
        $then = $off === null ? null : $rates?->from($length, $off)->expected;

        return $now === null || $then === null ? null : $then - $now;
    }
}

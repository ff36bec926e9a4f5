<?php

declare(strict_types=1);

namespace Amble\Core\Rounds;

use Amble\Core\Direction\DirectionFit;
use Amble\Core\Distance\DistanceControl;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Review\BallSelection;
use Amble\Core\Review\Measure\Pace;
use Amble\Core\Review\Measure\ReadError;
use Amble\Core\Review\Measure\StartLines;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Strokes\LengthOutcome;
use Amble\Core\Strokes\Player;
use Amble\Core\Strokes\PlayerFigure;
use Amble\Core\Strokes\StrokesAtStake;
use Amble\Core\Units\Length;

/**
 * What would save most: expected putts by length and the fall of each skill a quarter better (maths.md 6). Immutable.
 */
final readonly class Stakes
{
    /** Told at these lengths, metres. */
    private const LENGTHS = [0.9, 1.5, 2.4, 3.0, 4.5, 6.0, 9.0, 12.0];

    /** Fewer balls of either kind say nothing of a round. */
    private const FEWEST = 12;

    /**
     * @param list<LengthOutcome> $outcomes shortest first
     * @param int $paceBalls and $lineBalls that it rests on
     * @param float $readShare of the variance of start lines, in [0, 1)
     * @param float|null $readSpread of the reads as start lines, radians, already in the start line's; null while they are too few
     */
    private function __construct(
        public StrokesAtStake $atStake,
        public array $outcomes,
        public int $paceBalls,
        public int $lineBalls,
        public ?float $readSpread,
        private float $readShare,
    ) {}

    /**
     * @return array{pace: float, line: float, read: float} strokes a round by what is worked at: a misread is part of
     *     the start line's spread, by its share of the variance
     */
    public function bySkill(): array
    {
        $at = fn(PlayerFigure $skill): float => $this->atStake->stakes[$skill->value] ?? 0.0;
        $spread = $at(PlayerFigure::LineSpread);

        return [
            'pace' => $at(PlayerFigure::PaceSpread) + $at(PlayerFigure::PaceBias),
            'line' => $at(PlayerFigure::LineBias) + (1.0 - $this->readShare) * $spread,
            'read' => $this->readShare * $spread,
        ];
    }

    /** @return self|StakesMissing what is missing where it cannot be told */
    public static function of(BallSelection $asked, GreenSpeed $speed, FirstPutts $firstPutts): self|StakesMissing
    {
        [$control, $line, $read] = [Pace::control($asked), StartLines::fit($asked), ReadError::spread($asked)];
        $player = $control === null ? null : self::measuredPlayer($control, $line, $read ?? 0.0, $asked->pace);
        if ($control === null || $player === null) {
            return $control?->spread === null || Pace::countKnownErrors($control) < self::FEWEST
                ? StakesMissing::Pace
                : StakesMissing::StartLine;
        }
        $expected = new ExpectedPutts($player, $speed);

        return new self(
            StrokesAtStake::of($player, $speed, $firstPutts->mix()),
            array_map(
                static fn(float $metres): LengthOutcome => $expected->from(Length::ofMetres($metres)),
                self::LENGTHS,
            ),
            Pace::countKnownErrors($control),
            $line->n,
            $read,
            $read === null ? 0.0 : $read ** 2 / ($read ** 2 + (float) $line->spread ** 2),
        );
    }

    /** The player these balls make; null while they are too few. */
    public static function player(BallSelection $asked): ?Player
    {
        $control = Pace::control($asked);

        return $control === null
            ? null
            : self::measuredPlayer($control, StartLines::fit($asked), ReadError::spread($asked) ?? 0.0, $asked->pace);
    }

    /** @param float $read a misread and a stroke off line are chance apart, so they add in quadrature, radians */
    private static function measuredPlayer(
        DistanceControl $control,
        DirectionFit $line,
        float $read,
        float $pace,
    ): ?Player {
        return $control->bias === null ||
            $control->spread === null ||
            $line->bias === null ||
            $line->spread === null ||
            Pace::countKnownErrors($control) < self::FEWEST ||
            $line->n < self::FEWEST
            ? null
            : Player::of($line->bias, hypot($line->spread, $read), $control->bias, $control->spread, $pace);
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Report\Finding;
use Amble\Core\Review\Measure\AimBall;
use Amble\Core\Review\Measure\AimSplit;
use Amble\Core\Review\Measure\Causes;
use Amble\Core\Review\Measure\DisturbedBalls;
use Amble\Core\Review\Measure\EffectiveHoleWidth;
use Amble\Core\Review\Measure\FacePath;
use Amble\Core\Review\Measure\FeelAgreement;
use Amble\Core\Review\Measure\FinishPastHole;
use Amble\Core\Review\Measure\FirstAndLast;
use Amble\Core\Review\Measure\GateWidth;
use Amble\Core\Review\Measure\GroundCalledRight;
use Amble\Core\Review\Measure\HoledShare;
use Amble\Core\Review\Measure\ImpliedSlope;
use Amble\Core\Review\Measure\LeaveAlongAndAcross;
use Amble\Core\Review\Measure\LowSide;
use Amble\Core\Review\Measure\Marks;
use Amble\Core\Review\Measure\PaceAverage;
use Amble\Core\Review\Measure\PaceInside;
use Amble\Core\Review\Measure\PaceSpread;
use Amble\Core\Review\Measure\ReadError;
use Amble\Core\Review\Measure\ReadErrorByMethod;
use Amble\Core\Review\Measure\ReadShare;
use Amble\Core\Review\Measure\RoutineRegularity;
use Amble\Core\Review\Measure\SessionPartsCompared;
use Amble\Core\Review\Measure\SpreadByObservation;
use Amble\Core\Review\Measure\StartAverage;
use Amble\Core\Review\Measure\StartByBreak;
use Amble\Core\Review\Measure\StartSpread;
use Amble\Core\Review\Measure\StartThrough;
use Amble\Core\Review\Measure\StrokeEvenness;
use Amble\Core\Review\Measure\StrokeSource;
use Amble\Core\Review\Measure\StrokeTimes;
use Amble\Core\Review\Measure\ThroughButMissed;
use Amble\Core\Review\Measure\WithAndWithout;

/** What a coach asks of a student's balls, process before outcome. */
enum ReviewQuestion: string
{
    case Pace = 'pace';
    case Start = 'start';
    case Reads = 'reads';
    case Feel = 'feel';
    case Stroke = 'stroke';
    case Why = 'why';
    case Change = 'change';
    case Outcome = 'outcome';

    public function title(): string
    {
        return match ($this) {
            self::Pace => 'Distance control',
            self::Start => 'Start line',
            self::Reads => 'Green reading',
            self::Feel => 'Feel',
            self::Stroke => 'Backstroke',
            self::Why => 'Causes of misses',
            self::Change => 'Change during the session',
            self::Outcome => 'Holed',
        };
    }

    /**
     * Every question, the one a school begins with first.
     *
     * @param string $begin its answer to where to begin
     *
     * @return non-empty-list<self>
     */
    public static function inOrder(string $begin): array
    {
        $first = self::tryFrom($begin);

        return $first === null
            ? self::cases()
            : [$first, ...array_values(array_filter(self::cases(), static fn(self $each): bool => $each !== $first))];
    }

    /** @return non-empty-array<string, class-string<Measure>> by key, the one to read first first */
    public function measures(): array
    {
        return match ($this) {
            self::Pace => [
                'pace_average' => PaceAverage::class,
                'pace_spread' => PaceSpread::class,
                'pace_inside' => PaceInside::class,
                'pace_meant' => FinishPastHole::class,
                'pace_across' => LeaveAlongAndAcross::class,
                'hole_left' => EffectiveHoleWidth::class,
            ],
            self::Start => [
                'start_average' => StartAverage::class,
                'start_spread' => StartSpread::class,
                'start_through' => StartThrough::class,
                'start_by_break' => StartByBreak::class,
                'gate_width' => GateWidth::class,
                'aim_split' => AimSplit::class,
                'face_path' => FacePath::class,
                'start_missed' => ThroughButMissed::class,
            ],
            self::Reads => [
                'low_side' => LowSide::class,
                'read_error' => ReadError::class,
                'read_share' => ReadShare::class,
                'reads_by_way' => ReadErrorByMethod::class,
                'aim_ball' => AimBall::class,
                'ground_told' => GroundCalledRight::class,
                'implied_slope' => ImpliedSlope::class,
            ],
            self::Feel => ['feel' => FeelAgreement::class],
            self::Stroke => [
                'stroke_evenness' => StrokeEvenness::class,
                'stroke_source' => StrokeSource::class,
                'stroke_times' => StrokeTimes::class,
                'spread_by_word' => SpreadByObservation::class,
            ],
            self::Why => [
                'causes' => Causes::class,
                'marks' => Marks::class,
                'same_each_time' => RoutineRegularity::class,
                'with_without' => WithAndWithout::class,
                'disturbed' => DisturbedBalls::class,
            ],
            self::Change => ['parts' => SessionPartsCompared::class, 'first_last' => FirstAndLast::class],
            self::Outcome => ['holed' => HoledShare::class],
        };
    }

    /** @return array<string, Finding> by key; empty where nobody looked for it */
    public function findings(BallSelection $asked): array
    {
        $findings = [];
        foreach ($this->measures() as $key => $measure) {
            $finding = $measure::of($asked);
            if ($finding !== null) {
                $findings[$key] = $finding;
            }
        }

        return $findings;
    }

    /** @return array<string, class-string<ChartedMeasure>> every measure that is drawn over time, by key */
    public static function drawn(): array
    {
        $drawn = [];
        foreach (self::cases() as $question) {
            foreach ($question->measures() as $key => $measure) {
                if (is_subclass_of($measure, ChartedMeasure::class)) {
                    $drawn[$key] = $measure;
                }
            }
        }

        return $drawn;
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\LookBack;

use Amble\Core\Drill\Finding\Finding;
use Amble\Core\LookBack\Measure\AimBall;
use Amble\Core\LookBack\Measure\AimSplit;
use Amble\Core\LookBack\Measure\Causes;
use Amble\Core\LookBack\Measure\FacePath;
use Amble\Core\LookBack\Measure\FeelAgreement;
use Amble\Core\LookBack\Measure\FirstAndLast;
use Amble\Core\LookBack\Measure\GateWidth;
use Amble\Core\LookBack\Measure\GroundTold;
use Amble\Core\LookBack\Measure\Holed;
use Amble\Core\LookBack\Measure\HoleLeft;
use Amble\Core\LookBack\Measure\ImpliedSlope;
use Amble\Core\LookBack\Measure\LowSide;
use Amble\Core\LookBack\Measure\Marks;
use Amble\Core\LookBack\Measure\PaceAcross;
use Amble\Core\LookBack\Measure\PaceAverage;
use Amble\Core\LookBack\Measure\PaceFromMeant;
use Amble\Core\LookBack\Measure\PaceInside;
use Amble\Core\LookBack\Measure\PaceSpread;
use Amble\Core\LookBack\Measure\PartsBeside;
use Amble\Core\LookBack\Measure\ReadError;
use Amble\Core\LookBack\Measure\ReadsByWay;
use Amble\Core\LookBack\Measure\ReadShare;
use Amble\Core\LookBack\Measure\SameEachTime;
use Amble\Core\LookBack\Measure\SpreadByWord;
use Amble\Core\LookBack\Measure\StartAverage;
use Amble\Core\LookBack\Measure\StartByBreak;
use Amble\Core\LookBack\Measure\StartSpread;
use Amble\Core\LookBack\Measure\StartThrough;
use Amble\Core\LookBack\Measure\StrokeEvenness;
use Amble\Core\LookBack\Measure\StrokeSource;
use Amble\Core\LookBack\Measure\StrokeTimes;
use Amble\Core\LookBack\Measure\ThroughButMissed;
use Amble\Core\LookBack\Measure\WhileDisturbed;
use Amble\Core\LookBack\Measure\WithAndWithout;

/** What a coach asks of a student's balls, process before outcome. */
enum Question: string
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
            self::Pace => 'Was the pace right?',
            self::Start => 'Did it start on line?',
            self::Reads => 'Was it read?',
            self::Feel => 'Does the feel agree?',
            self::Stroke => 'How even is the stroke?',
            self::Why => 'Why did they miss?',
            self::Change => 'Did it change on the way?',
            self::Outcome => 'Did they drop?',
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

        return $first === null ? self::cases() : [$first, ...array_values(array_filter(self::cases(), static fn(self $each): bool => $each !== $first))];
    }

    /** @return non-empty-array<string, class-string<Measure>> by key, the one to read first first */
    public function measures(): array
    {
        return match ($this) {
            self::Pace => [
                'pace_average' => PaceAverage::class,
                'pace_spread' => PaceSpread::class,
                'pace_inside' => PaceInside::class,
                'pace_meant' => PaceFromMeant::class,
                'pace_across' => PaceAcross::class,
                'hole_left' => HoleLeft::class,
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
            self::Reads => ['low_side' => LowSide::class, 'read_error' => ReadError::class, 'read_share' => ReadShare::class, 'reads_by_way' => ReadsByWay::class, 'aim_ball' => AimBall::class, 'ground_told' => GroundTold::class, 'implied_slope' => ImpliedSlope::class],
            self::Feel => ['feel' => FeelAgreement::class],
            self::Stroke => ['stroke_evenness' => StrokeEvenness::class, 'stroke_source' => StrokeSource::class, 'stroke_times' => StrokeTimes::class, 'spread_by_word' => SpreadByWord::class],
            self::Why => ['causes' => Causes::class, 'marks' => Marks::class, 'same_each_time' => SameEachTime::class, 'with_without' => WithAndWithout::class, 'disturbed' => WhileDisturbed::class],
            self::Change => ['parts' => PartsBeside::class, 'first_last' => FirstAndLast::class],
            self::Outcome => ['holed' => Holed::class],
        };
    }

    /** @return array<string, Finding> by key; empty where nobody looked for it */
    public function findings(Asked $asked): array
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

    /** @return array<string, class-string<Drawn>> every measure that is drawn over time, by key */
    public static function drawn(): array
    {
        $drawn = [];
        foreach (self::cases() as $question) {
            foreach ($question->measures() as $key => $measure) {
                if (is_subclass_of($measure, Drawn::class)) {
                    $drawn[$key] = $measure;
                }
            }
        }

        return $drawn;
    }
}

<?php

declare(strict_types=1);

namespace App\Demo;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Strokes\Player;
use Amble\Core\Units\Length;
use App\Models\Benchmark;
use App\Models\Coach;
use App\Models\Round;
use App\Models\Student;
use Carbon\CarbonImmutable;

/** Rounds of the demo clinic's students, holed and missed as often as such players do, and a yardstick beside them. */
final class DemoRounds
{
    private const HOLES = 18;
    private const SEED = 31;
    private const PLACE = 'The far shore, eighteen holes';

    /** First putts lie between these, metres, evenly in ratio. */
    private const NEAREST = 0.9;
    private const FURTHEST = 14.0;

    /** @param list<int> $daysAgo of each round */
    public function play(Coach $coach, Student $student, CarbonImmutable $today, array $daysAgo, DemoUlids $ulids): void
    {
        $random = new SeededRandom(self::SEED + count($daysAgo));
        $putts = new ExpectedPutts(Player::of(0.004, 0.036, -0.03, 0.13, 0.3), GreenSpeed::ofFeet(9.4));
        foreach ($daysAgo as $i => $days) {
            Round::query()->create([
                'id' => $ulids->at($today->subDays($days)),
                'workspace_id' => $coach->workspace_id,
                'coach_id' => $coach->id,
                'student_id' => $student->id,
                'played_on' => $today->subDays($days)->toDateString(),
                'place' => self::PLACE,
                'is_from_memory' => $i === 0,
                'holes' => array_map(static fn(): array => self::hole($putts, $random), range(1, self::HOLES)),
            ]);
        }
    }

    public function holdBeside(Coach $coach, string $id): void
    {
        Benchmark::query()->create([
            'id' => $id,
            'workspace_id' => $coach->workspace_id,
            'coach_id' => $coach->id,
            'figure' => 'putts_per_18',
            'value' => 33.5,
            'source' => 'Counted at the clinic last winter',
            'sample' => 1800,
        ]);
    }

    /** @return array<string, mixed> */
    private static function hole(ExpectedPutts $putts, SeededRandom $random): array
    {
        $first = round(self::NEAREST * (self::FURTHEST / self::NEAREST) ** $random->uniform(), 1);
        $outcome = $putts->from(Length::ofMetres($first));
        $chance = $random->uniform();
        $taken = match (true) {
            $chance < (float) $outcome->onePutt => 1,
            $chance > 1.0 - (float) $outcome->threeOrMore => 3,
            default => 2,
        };

        return ['first_m' => $first, 'putts' => $taken] +
            ($taken === 1 ? [] : ['side' => ['short', 'long', 'left', 'right'][(int) (4 * $random->uniform())]]);
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Change\FindingChange;
use Amble\Core\Distance\UsualBias;
use Amble\Core\Distance\UsualLength;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\Finding\FindingBalls;
use Amble\Core\Drill\Finding\FindingKinds;
use Amble\Core\Drill\TargetKind;
use Amble\Core\Json\JsonInput;
use Amble\Core\Report\Finding;
use Amble\Core\Report\FindingRow;
use Amble\Core\Session\SessionLog;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;

/** What each shipped drill finds of balls laid out by hand: the figures its card promises. */
final class FoundAsWordedTest extends DrillTestCase
{
    /** @return array<string, array<string, mixed>> cards by key */
    private static function library(): array
    {
        $text = (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json');

        return array_column(json_decode($text, true, 64, JSON_THROW_ON_ERROR)['drills'], null, 'key');
    }

    private static function shipped(string $key): Drill
    {
        return DrillReader::read(JsonInput::parse(json_encode(self::library()[$key], JSON_THROW_ON_ERROR)));
    }

    /**
     * @param list<array<string, mixed>> $balls each so many times its length, or as its fields say
     *
     * @return array<string, Finding> by kind
     */
    private static function found(Drill $card, array $balls, ?UsualLength $usual = null): array
    {
        $events = [];
        foreach ($balls as $i => $seen) {
            $called = DrillRun::fold($card->rules, $events, 1)->next->lengthMetres ?? 1.0;
            $target = $card->rules->target === TargetKind::None ? [] : ['target_m' => $called];
            $events[] = self::ball(
                $i,
                $called * ($seen['times'] ?? 1.0),
                array_diff_key($seen, ['times' => 0]) + $target,
            );
        }
        $putts = SessionLog::fold($events)->putts;

        return FindingKinds::of(FindingBalls::of($card, $putts, DrillRun::ofPutts($card->rules, $putts, 1), $usual));
    }

    /**
     * @param list<array<string, mixed>> $balls
     * @param array<string, string> $said the beginning of what is said, by kind
     */
    #[DataProvider('runs')]
    public function testItTellsWhatItsCardPromises(string $key, array $balls, array $said): void
    {
        $found = self::found(self::shipped($key), $balls);
        self::assertSame(array_key_first($said), array_key_first($found), 'its own figure comes first');
        foreach ($said as $kind => $begins) {
            self::assertStringStartsWith($begins, $found[$kind]->sentence, $kind);
        }
    }

    /**
     * A difference is said where its 80 % interval leaves 0 out (Agresti and Caffo, by hand).
     *
     * @param array{int, int} $passes of ten in blocks, of five mixed
     */
    #[DataProvider('blockedAndMixed')]
    public function testBlockedBesideMixedSaysADifferenceOnlyWhereItIsClear(
        array $passes,
        string $ends,
        float $half,
    ): void {
        [$blocked, $mixed] = $passes;
        $balls = array_map(
            static fn(int $i): array => ['times' => ($i < 10 ? $i < $blocked : $i - 10 < $mixed) ? 1.0 : 1.5],
            range(0, 14),
        );
        $found = self::found(self::shipped('one-ball-lap'), $balls)['blocked_mixed'];
        self::assertStringEndsWith(": $ends.", $found->sentence);
        $difference = $mixed / 5 - $blocked / 10;
        self::assertEqualsWithDelta(
            [$difference, $difference - $half, $difference + $half],
            [$found->value, $found->interval?->low, $found->interval?->high],
            1e-3,
        );
        self::assertSame(5, $found->n);
    }

    /** @return iterable<string, array{array{int, int}, string, float}> */
    public static function blockedAndMixed(): iterable
    {
        yield 'just clear' => [[9, 3], 'fewer once they are mixed', 0.2765];
        yield 'not clear' => [[8, 3], 'no clear difference', 0.2883];
        yield 'more' => [[3, 4], 'more once they are mixed', 0.2798];
        yield 'none at all' => [[10, 5], 'no clear difference', 0.198];
    }

    public function testEveryShippedDrillIsHere(): void
    {
        self::assertEqualsCanonicalizing(
            array_keys(self::library()),
            array_column(iterator_to_array(self::runs(), false), 0),
        );
    }

    /** @return iterable<string, array{string, list<array<string, mixed>>, array<string, string>}> */
    public static function runs(): iterable
    {
        $long = static fn(float ...$times): array => array_map(
            static fn(float $each): array => ['times' => $each],
            $times,
        );
        $unseen = ['roll_m' => null, 'stop' => 'unseen'];
        $holed = ['roll_m' => null, 'stop' => 'holed'];
        $starts = static fn(string $ways): array => array_map(
            static fn(string $way): array => $unseen + [
                'gate' => ['l' => 'left', 't' => 'through', 'r' => 'right'][$way],
            ],
            str_split($ways),
        );
        $hits = static fn(string $ways): array => array_map(
            static fn(string $way): array => $unseen + ['hit' => $way === 'h'],
            str_split($ways),
        );
        // A tenth long, a tenth short, and so on: the mean is as meant.
        $even = $long(1.1, 0.9, 1.1, 0.9, 1.1, 0.9);
        // Each a twentieth long or more: 5, 10, 15 %; the mean is 10 %.
        $tenLong = $long(1.05, 1.1, 1.15, 1.05, 1.1, 1.15);

        yield 'say it first' => [
            'say-it-first',
            [
                ['times' => 1.0, 'call' => 'on'],
                ['times' => 1.2, 'call' => 'on'],
                ['times' => 0.8, 'call' => 'short'],
                ['times' => 1.0, 'call' => 'on'],
            ],
            ['feel' => '3 of 4 calls were right, from 4 only', 'leave' => 'On average on target'],
        ];
        yield 'past, short, true' => [
            'past-short-true',
            [['roll_m' => 4.3], ['roll_m' => 4.3], ['roll_m' => 3.7]],
            ['passed' => '2 of 3 passed', 'restarts' => 'Not finished, 3 balls, no restart, most misses at {4.000 m}.'],
        ];
        yield 'lip and rod' => [
            'lip-and-rod',
            [['roll_m' => 3.2], ['roll_m' => 2.9], ['roll_m' => 3.2]],
            ['restarts' => 'Not finished, 3 balls, 1 restart, most misses at {3.000 m}.', 'passed' => '2 of 3 passed'],
        ];
        yield 'the whole ladder' => [
            'whole-ladder',
            [['roll_m' => 2.6], ['roll_m' => 2.6], ['roll_m' => 3.0]],
            ['restarts' => 'Not finished, 3 balls, 1 restart, most misses at {4.000 m}.'],
        ];
        yield 'never twice' => [
            'never-twice',
            $tenLong,
            [
                'leave' => 'On average 10 % long: 0 short, 6 long of 6 measured.',
                'passed' => '4 of 6 passed, from 6 only',
            ],
        ];
        yield 'blocks, then one ball' => [
            'one-ball-lap',
            $long(1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.5, 1.5, 1.5, 1.5, 1.5),
            ['blocked_mixed' => '100 % of 10 passed in blocks, 0 % of 5 mixed: fewer once they are mixed.'],
        ];
        yield 'discs, then downhill' => [
            'discs-then-down',
            [
                ...$long(...array_fill(0, 9, 1.0)),
                ...array_map(
                    static fn(int $i): array => ['times' => 1.3 + 0.01 * $i, 'grade_percent' => -1.5],
                    range(0, 8),
                ),
            ],
            [
                'by_slope' => 'Level on target (spread 0 %), downhill 34 % long',
            ],
        ];
        yield 'ring, then out' => [
            'ring-then-out',
            [['roll_m' => 10.5, 'putts_to_finish' => 1], ['roll_m' => 9.5, 'putts_to_finish' => 2], ['roll_m' => 12.0]],
            [
                'passed' => '2 of 3 passed',
                'second_putts' => '2 of 3 stopped inside. Of 2 putted out, the next putt holed 1',
            ],
        ];
        yield 'one ball, ring and home' => [
            'one-ball-ring',
            [['times' => 1.01, 'putts_to_finish' => 1], $holed],
            [
                'passed' => '2 of 2 passed',
                'second_putts' => '2 of 2 stopped inside. Of 1 putted out, the next putt holed 1',
            ],
        ];
        yield 'loose tees' => [
            'loose-tees',
            [$holed, $holed, ['times' => 0.5]],
            ['points' => '4 points from 3 balls: +1.3 a ball', 'passed' => '2 of 3 passed'],
        ];
        yield 'nearer each time' => [
            'nearer-each-time',
            [['roll_m' => 7.0], ['roll_m' => 6.5], ['roll_m' => 6.8]],
            ['leave' => 'On average 13 % long', 'passed' => '1 of 2 passed'],
        ];
        yield 'three alike' => [
            'three-alike',
            [
                ['roll_m' => 5.0, 'backstroke_m' => 0.2],
                ['roll_m' => 5.4, 'backstroke_m' => 0.2],
                ['roll_m' => 5.2, 'backstroke_m' => 0.2],
            ],
            [
                'cluster' => 'Longest minus shortest {0.400 m}; within a set they spread by 4 %',
                'passed' => '2 of 2 passed',
            ],
        ];
        yield 'one line, three lengths' => [
            'one-line-three-lengths',
            array_map(static fn(array $ball): array => $ball + ['start' => 'left'], $even),
            [
                'leave' => 'On average on target',
                'by_attempt' => 'First attempts',
                'seen_start' => 'Of 6: 6 left.',
            ],
        ];
        yield 'to the edge' => [
            'to-the-edge',
            [['times' => 1.0, 'call' => 'long'], ['times' => 1.1, 'call' => 'long']],
            ['leave' => 'On average 5 % long', 'feel' => '1 of 2 calls were right'],
        ];
        yield 'back from the edge' => [
            'edge-steps',
            $long(0.9, 0.95, 0.85),
            ['leave' => 'On average 10 % short', 'passed' => '3 of 3 passed'],
        ];
        yield 'five minutes at the edge' => [
            'edge-in-brief',
            [['times' => 0.8, 'call' => 'short'], ['times' => 0.9, 'call' => 'on']],
            ['leave' => 'On average 15 % short', 'feel' => '2 of 2 calls were right'],
        ];
        yield 'dying at the string' => [
            'die-at-the-string',
            [['roll_m' => 3.2], ['roll_m' => 3.4], ['roll_m' => 3.3]],
            ['leave' => 'On average 10 % long', 'passed' => '2 of 3 passed'],
        ];
        yield 'bucket from far' => [
            'bucket-from-far',
            [['roll_m' => 12.0, 'stop' => 'target'], ['roll_m' => 10.8]],
            ['passed' => '1 of 2 passed'],
        ];
        yield 'standing cup' => [
            'standing-cup',
            [
                $unseen + ['hit' => true],
                $unseen + ['hit' => false, 'missed_side' => 'left'],
                $unseen + ['hit' => false, 'missed_side' => 'left'],
            ],
            ['passed' => '1 of 3 passed', 'seen_missed_side' => 'Of 2: 2 left.'],
        ];
        yield 'only a tee' => [
            'only-a-tee',
            array_map(static fn(string $how): array => $unseen + ['contact' => $how], ['full', 'graze', 'miss']),
            ['passed' => '2 of 3 passed', 'seen_contact' => 'Of 3: 1 full hit, 1 graze, 1 miss.'],
        ];
        yield 'ball at a ball' => [
            'ball-at-a-ball',
            [
                $unseen + ['hit' => true, 'gap_m' => 0.2],
                $unseen + ['hit' => true, 'gap_m' => 1.0],
                $unseen + ['hit' => false],
            ],
            [
                'gap' =>
                    'Struck soft they finish {0.200 m} apart, struck firm they finish {1.000 m} apart; 2 of 2 as told.',
                'passed' => '2 of 3 passed',
            ],
        ];
        yield 'down and dying' => [
            'down-and-dying',
            [['roll_m' => 3.3], ['roll_m' => 3.9]],
            ['leave' => 'On average 20 % long', 'passed' => '1 of 2 passed'],
        ];
        yield 'up and firm' => [
            'up-and-firm',
            [['roll_m' => 3.6], ['roll_m' => 3.2]],
            ['leave' => 'On average 15 % short; not enough balls yet to be sure (2): 2 short, 0 long of 2 measured.'],
        ];
        yield 'up and down' => [
            'up-down-in-turn',
            [['times' => 0.9, 'grade_percent' => 1.5], ['times' => 1.1, 'grade_percent' => -1.5]],
            ['by_slope' => 'Uphill 10 % short, downhill 10 % long'],
        ];
        yield 'putt or chip' => [
            'putt-or-chip',
            [
                ['times' => 1.1, 'club' => 'wedge', 'lie' => 'rough'],
                ['times' => 1.1, 'club' => 'putter', 'lie' => 'fringe'],
            ],
            ['leave' => 'On average 10 % long', 'seen_club' => 'Of 2: 1 the putter, 1 a wedge.'],
        ];
        yield 'over the step' => [
            'over-the-step',
            [['roll_m' => 6.0, 'level' => 1], ['roll_m' => 8.0, 'level' => 2], ['roll_m' => 8.1, 'level' => 2]],
            ['passed' => '2 of 3 passed', 'leave' => '1 short, 0 long of 1 measured'],
        ];
        yield 'the closing gate' => [
            'closing-gate',
            $starts('tttttttttt'),
            [
                'step' => 'It ended at {0.080 m}, step 2 of 5. Held with 8 of 10: {0.100 m}.',
                'start' => '10 of 10 started on line',
            ],
        ];
        yield 'the gate that tells' => [
            'telling-gate',
            $starts('tttttttttttlltttrrtt'),
            [
                'start' =>
                    '16 of 20 started on line, likely 66 to 89 %; 2 left, 2 right. On average on line, spread 1.4°.',
            ],
        ];
        yield 'on the weak break' => [
            'feared-side',
            [
                ['gate' => 'through', 'dropped' => true] + $unseen,
                ['gate' => 'through', 'dropped' => false] + $unseen,
                ['gate' => 'right', 'dropped' => false] + $unseen,
            ],
            ['start' => '2 of 3 started on line, from 3 only, so likely 32 to 89 %; the others went right.'],
        ];
        yield 'along the chalk' => ['along-the-chalk', $starts('tl'), ['start' => '1 of 2 started on line']];
        yield 'each a bit shorter' => [
            'each-a-bit-shorter',
            array_map(static fn(float $roll): array => ['roll_m' => $roll, 'gate' => 'through'], [
                4.1,
                3.6,
                3.7,
                2.4,
                2.0,
            ]),
            ['start' => '5 of 5 started on line', 'order_held' => '3 of 4 steps went the right way'],
        ];
        yield 'on the rule' => ['on-the-rule', $starts('ttr'), ['start' => '2 of 3 started on line']];
        yield 'between two lumps of putty' => [
            'toe-and-heel',
            array_map(static fn(string $where): array => $unseen + ['strike' => $where], [
                'middle',
                'toe',
                'toe',
                'heel',
            ]),
            ['passed' => '1 of 4 passed', 'seen_strike' => 'Of 4: 1 middle, 2 toe, 1 heel.'],
        ];
        yield 'hold it' => [
            'hold-it',
            [$unseen + ['held' => true], $unseen + ['held' => false]],
            ['passed' => '1 of 2 passed'],
        ];
        yield 'over the spot' => [
            'over-the-spot',
            [...$starts('tl'), ['gate' => 'through', 'dropped' => false] + $unseen],
            ['start' => '2 of 3 started on line'],
        ];
        yield 'gate, then lengths' => [
            'gate-then-lengths',
            array_map(
                static fn(int $i): array => ['gate' => $i < 12 || $i % 2 === 0 ? 'through' : 'left'],
                range(0, 23),
            ),
            [
                'blocked_mixed' => '100 % of 12 passed in blocks, 50 % of 12 mixed: fewer once they are mixed.',
                'start' => '18 of 24 started on line',
            ],
        ];
        yield 'string over the ball' => [
            'string-over-ball',
            array_map(static fn(array $ball): array => $ball + ['eye_offset_m' => 0.02], $starts('ttl')),
            ['start' => '2 of 3 started on line', 'seen_eye_offset_m' => 'On average {0.020 m}, of 3.'],
        ];
        yield 'round the hole' => [
            'round-the-hole',
            [$holed, ['times' => 1.5, 'high_low' => 'low']],
            ['passed' => '1 of 2 passed', 'seen_high_low' => 'Of 1: 1 low side.'],
        ];
        yield 'five to go home' => [
            'five-to-go-home',
            [$holed, $unseen, $holed, $holed, $holed, $holed, $holed],
            ['restarts' => 'Done, 7 balls, 1 restart.'],
        ];
        yield 'in a row' => [
            'in-a-row-short',
            [$holed, $holed, $holed, $unseen],
            ['restarts' => 'Not finished, 4 balls, 1 restart, most misses at {1.300 m}.'],
        ];
        yield 'three backstrokes' => [
            'three-backstrokes',
            [
                ['roll_m' => 2.0, 'backstroke_m' => 0.15],
                ['roll_m' => 2.2, 'backstroke_m' => 0.15],
                ['roll_m' => 6.0, 'backstroke_m' => 0.25],
            ],
            [
                'curve' =>
                    'Backstroke {0.150 m} rolls {2.100 m}; Backstroke {0.250 m} rolls {6.000 m}. Rolls of one backstroke spread by 7 %.',
            ],
        ];
        yield 'the shoe as the stop' => [
            'shoe-as-stop',
            [['times' => 1.1, 'backstroke_m' => 0.2], ['times' => 1.1, 'backstroke_m' => 0.2]],
            ['leave' => 'On average 10 % long', 'curve' => 'Backstroke {0.200 m} rolls {3.300 m}'],
        ];
        yield 'three stances' => [
            'stance-trio',
            [['roll_m' => 3.0, 'backstroke_m' => 0.2], ['roll_m' => 5.0, 'backstroke_m' => 0.3]],
            ['curve' => 'Backstroke {0.200 m} rolls {3.000 m}; Backstroke {0.300 m} rolls {5.000 m}'],
        ];
        yield 'bucket over the ridge' => [
            'bucket-over-ridge',
            array_map(static fn(float $metres): array => ['roll_m' => $metres], [8.0, 10.0, 8.2, 10.2, 7.8, 9.8]),
            [
                'by_task' => 'With a wider aim 20 % short (spread 2 %), with more pace on target (spread 2 %).',
                'passed' => '3 of 6 passed',
            ],
        ];
        yield 'eyes on the target' => [
            'eyes-on-the-target',
            $long(1.1, 0.9, 1.0, 1.2, 1.3, 1.4),
            [
                'by_task' =>
                    'Looking at the target on target (spread 10 %), looking at the ball 30 % long (spread 10 %). Looking at the ball finishes clearly longer than looking at the target. Their spreads do not clearly differ.',
            ],
        ];
        yield 'start it straight' => ['start-it-straight', $starts('ttl'), ['start' => '2 of 3 started on line']];
        yield 'putt at the aim ball' => [
            'aim-ball',
            [
                $holed + ['aim_ball' => 'good'],
                ['aim_ball' => 'soft', 'dropped' => false] + $unseen,
                ['aim_ball' => 'hard', 'dropped' => false] + $unseen,
            ],
            ['passed' => '1 of 3 passed', 'seen_aim_ball' => 'Of 3: 1 hit hard, 1 just right, 1 short and low of it'],
        ];
        yield 'aim, object, result' => [
            'aim-object-result',
            [
                $holed + ['aim_offset_m' => 0.0, 'object' => 'outer'],
                ['aim_offset_m' => 0.1, 'object' => 'outer', 'dropped' => false] + $unseen,
                ['aim_offset_m' => 0.01, 'object' => 'inner', 'dropped' => false] + $unseen,
                ['aim_offset_m' => -0.01, 'object' => 'outer', 'dropped' => false] + $unseen,
            ],
            [
                'parts' =>
                    'Of 3 missed: aimed off the mark 1, aimed well but started inside the object 1, passed it and missed by distance or read 1.',
            ],
        ];
        yield 'soft line, firm line' => [
            'soft-line-firm-line',
            [['roll_m' => 3.2], ['roll_m' => 3.2], ['roll_m' => 3.1]],
            ['passed' => '2 of 3 passed'],
        ];
        yield 'six before the round' => [
            'six-before-the-round',
            $tenLong,
            [
                'usual' => 'Today 10 % long, from 6 balls. What is usual is not known yet.',
                'leave' => 'On average 10 % long',
            ],
        ];
        yield 'first by hand' => ['rolled-by-hand', $tenLong, ['leave' => 'On average 10 % long']];
        yield 'one ball, a new putt' => [
            'one-ball-new-putt',
            $tenLong,
            ['leave' => 'On average 10 % long', 'passed' => '4 of 6 passed'],
        ];
        yield 'edge to edge' => [
            'edge-to-edge',
            $long(1.1, 1.1, 1.1, 1.1),
            ['usual' => 'Today 10 % long, from 4 balls.', 'leave' => 'On average 10 % long'],
        ];
        yield 'steps on the mat' => [
            'mat-steps',
            $even,
            ['leave' => 'On average on target', 'passed' => '3 of 6 passed'],
        ];
        yield 'mug on the carpet' => ['mug-on-the-carpet', $hits('hhn'), ['passed' => '2 of 3 passed']];
    }

    public function testFirstTriesStandApartAndStationsInParts(): void
    {
        // Two balls at each: the first ones miss, the second ones pass.
        $card = self::card(['balls_per_station' => 2, 'finds' => ['passed', 'leave']]);
        $found = self::found($card, [['times' => 1.3], ['times' => 1.0], ['times' => 1.3], ['times' => 1.0]]);
        $passed = $found['passed'];
        self::assertSame([0.5, 4], [$passed->value, $passed->n]);
        self::assertSame([0.0, 2], [$passed->first?->value, $passed->first?->n]);
        self::assertSame(['{4.000 m}', '{6.000 m}'], array_column($passed->rows, 'name'));
        self::assertEqualsWithDelta(0.3, (float) $found['leave']->first?->value, 1e-9);
    }

    public function testWhatNobodyStruckTeachesNothing(): void
    {
        $card = self::card();
        $found = self::found($card, [['times' => 1.0], ['times' => 2.0, 'mark' => 'mishit'], ['times' => 1.0]]);
        self::assertSame(2, $found['passed']->n);
        self::assertEqualsWithDelta(0.0, (float) $found['leave']->value, 1e-9);
    }

    public function testACutShortBallIsNoLeaveOfItsOwn(): void
    {
        $found = self::found(self::card(['target' => 'edge']), [
            ['times' => 0.9],
            ['times' => 0.5, 'stop' => 'ball'],
            ['times' => 1.1],
        ]);
        self::assertStringContainsString('1 short, 1 long of 3 measured', $found['leave']->sentence);
    }

    public function testWhatIsUsualIsTheOtherSide(): void
    {
        $usual = new UsualLength(new UsualBias(-0.03, 0.02), 0.05, 30);
        $said = static fn(float ...$times): string => self::found(
            self::shipped('six-before-the-round'),
            array_map(static fn(float $each): array => ['times' => $each], $times),
            $usual,
        )['usual']->sentence;
        // Usually 3 % short; today 12 % long, beyond what days differ by: SE = √(0.05²/6 + 0.02² + 0.05²) = 0.058.
        self::assertSame('Today balls finish 15 % longer than usual.', $said(1.11, 1.12, 1.13, 1.11, 1.12, 1.13));
        self::assertSame('As usual, as far as 6 balls can show on one day.', $said(1.06, 1.07, 1.08, 1.06, 1.07, 1.08));
        self::assertSame(
            'Today 12 % long, from 6 balls. What is usual is not known yet.',
            self::found(
                self::shipped('six-before-the-round'),
                array_map(static fn(float $each): array => ['times' => $each], [1.11, 1.12, 1.13, 1.11, 1.12, 1.13]),
            )['usual']->sentence,
        );
    }

    public function testTheLastTimeStandsBesideItOnlyAsFarAsBothAreKnown(): void
    {
        $passed = static fn(int $good, int $bad): Finding => self::found(self::card(['balls_per_station' => 20]), [
            ...array_fill(0, $good, ['times' => 1.0]),
            ...array_fill(0, $bad, ['times' => 1.5]),
        ])['passed'];
        self::assertSame(
            'Last time 20 %, from 20: clearly more now.',
            FindingChange::sentence($passed(4, 16), $passed(16, 4)),
        );
        self::assertSame(
            'Last time 80 %, from 20: clearly less now.',
            FindingChange::sentence($passed(16, 4), $passed(4, 16)),
        );
        self::assertSame(
            'Last time 50 %, from 20: no clear change.',
            FindingChange::sentence($passed(10, 10), $passed(11, 9)),
        );
        $nothing = new Finding('', '', $passed(1, 1)->unit, null, null, 0);
        self::assertSame('Last time there were not enough balls.', FindingChange::sentence($nothing, $passed(1, 1)));
    }

    public function testTheSideOfAMissIsToldForEachSideItWasRolledFrom(): void
    {
        $missed = static fn(string $side): array => [
            'roll_m' => null,
            'stop' => 'unseen',
            'hit' => false,
            'missed_side' => $side,
        ];
        $card = self::card([
            'stations' => [['length_m' => 3, 'name' => 'low side'], ['length_m' => 3, 'name' => 'high side']],
            'target' => 'stand',
            'pass' => ['kind' => 'hit'],
            'asks' => ['missed_side'],
            'balls_per_station' => 2,
        ]);
        $found = self::found($card, [$missed('left'), $missed('left'), $missed('right'), $missed('left')])[
            'seen_missed_side'
        ];
        self::assertSame('Of 4: 3 left, 1 right.', $found->sentence);
        $sides = array_map(
            static fn(FindingRow $row): array => [$row->name, $row->value, $row->n],
            array_slice($found->rows, 3),
        );
        self::assertSame(
            [['low side: left', 1.0, 2], ['high side: left', 0.5, 2], ['high side: right', 0.5, 2]],
            $sides,
        );
    }

    public function testAListOfPartsNamesSidesWhereLengthsAreAlike(): void
    {
        $found = self::found(self::shipped('round-the-hole'), array_fill(0, 8, ['roll_m' => null, 'stop' => 'holed']));
        $names = array_map(static fn(FindingRow $row): string => $row->name, $found['passed']->rows);
        self::assertContains('from below, {1.200 m}', $names);
        self::assertCount(4, $names);
    }
}

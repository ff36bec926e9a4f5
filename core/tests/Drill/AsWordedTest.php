<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRulesReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\JudgedBall;
use Amble\Core\Drill\SetupSheet;
use Amble\Core\Json\JsonInput;
use PHPUnit\Framework\Attributes\DataProvider;

/** Shipped drills, run by hand as their cards word them: what each ball is called, and what it brings. */
final class AsWordedTest extends DrillTestCase
{
    /** @return array<string, array<string, mixed>> cards by key */
    private static function library(): array
    {
        $text = (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json');

        return array_column(json_decode($text, true, 64, JSON_THROW_ON_ERROR)['drills'], null, 'key');
    }

    private static function shipped(string $key): DrillRules
    {
        $card = self::library()[$key];

        return DrillRulesReader::read(JsonInput::parse(json_encode($card, JSON_THROW_ON_ERROR)));
    }

    /**
     * @param list<array{array<string, mixed>, string}> $balls what is seen of each, and what it is to be called
     */
    #[DataProvider('runs')]
    public function testEachBallIsCalledWhatTheCardSays(string $key, array $balls, ?int $points = null): void
    {
        $drill = self::shipped($key);
        $events = [];
        foreach ($balls as $i => [$seen]) {
            // Where chance settles the order, a roll is told as a share of the length that was called.
            $called = DrillRun::fold($drill, $events, 1)->next->lengthMetres ?? 0.0;
            $roll = $called * ($seen['times'] ?? 1.0);
            $events[] = self::ball($i, $roll, array_diff_key($seen, ['times' => 0]));
        }
        $state = DrillRun::fold($drill, $events, 1);
        $words = array_map(
            static fn(JudgedBall $ball): string => rtrim("{$ball->verdict->value} {$ball->word?->value}"),
            array_values($state->judged),
        );
        self::assertSame(array_column($balls, 1), $words);
        self::assertSame($points, $state->points);
    }

    /** @return iterable<string, array{0: string, 1: list<array{array<string, mixed>, string}>, 2?: int}> */
    public static function runs(): iterable
    {
        $rolled = static fn(float $roll): array => ['roll_m' => $roll];
        $holed = ['roll_m' => null, 'stop' => 'holed'];
        $unseen = ['roll_m' => null, 'stop' => 'unseen'];
        $start = static fn(string $gate): array => ['roll_m' => null, 'stop' => 'unseen', 'gate' => $gate];

        // Nine metres over a step: too soft stays below, too strong is up and past, the one between is up.
        $up = static fn(float $roll, int $level): array => ['roll_m' => $roll, 'level' => $level];
        yield 'over the step: rolled as told' => [
            'over-the-step',
            [
                [$up(6.0, 1), 'passed'],
                [$up(12.0, 2), 'passed on'],
                [$up(8.0, 2), 'passed'],
                [$up(9.2, 2), 'missed'],
                [$up(8.0, 2), 'missed short'],
                [$up(4.0, 1), 'missed'],
                [$holed, 'missed long'],
                [$holed, 'passed on'],
                [$holed, 'passed on'],
            ],
        ];
        yield 'over the step: on its level, and rolled far across it' => [
            'over-the-step',
            [[$up(6.0, 1), 'passed'], [$up(12.0, 2), 'passed on'], [$up(11.8, 2), 'missed long']],
        ];
        // Three metres: soft dies within a foot past, firm runs one to three feet past.
        yield 'soft line, firm line: soft and firm in turn' => [
            'soft-line-firm-line',
            [
                [$rolled(3.2), 'passed on'],
                [$rolled(3.7), 'passed on'],
                [$rolled(3.7), 'missed long'],
                [$rolled(3.2), 'missed short'],
                [$holed, 'passed on'],
                [$holed, 'passed on'],
                [$rolled(2.9), 'missed short'],
            ],
        ];
        yield 'past, short, true: each ball as told' => [
            'past-short-true',
            [
                [$rolled(4.4), 'passed on'],
                [$rolled(3.6), 'passed on'],
                [$rolled(4.1), 'passed on'],
                // A miss is rolled again: past once more, then short.
                [$rolled(6.9), 'missed short'],
                [$rolled(7.2), 'passed on'],
                [$rolled(7.5), 'missed long'],
                [$rolled(6.8), 'passed on'],
            ],
        ];
        // Between the lip and a rod half a metre behind, three in a row; a miss restarts the station.
        yield 'lip and rod: at the lip, short of it, against the rod' => [
            'lip-and-rod',
            [
                [$rolled(3.0), 'passed on'],
                [$rolled(3.5), 'passed on'],
                [$rolled(2.9), 'missed short'],
                [['roll_m' => 3.5, 'stop' => 'rod'], 'missed'],
                [$holed, 'passed on'],
            ],
        ];
        // Over the edge is long, however little; just on is on.
        yield 'to the edge of the green' => [
            'die-at-the-string',
            [
                [$rolled(3.2), 'passed on'],
                [$rolled(2.9), 'missed short'],
                [['roll_m' => 3.0, 'stop' => 'edge'], 'missed long'],
            ],
        ];
        yield 'another ball in the way says nothing of its length' => [
            'six-before-the-round',
            [[['roll_m' => 2.0, 'stop' => 'ball'], 'missed']],
        ];
        yield 'a tee strewn about: points a ball' => ['loose-tees', [[$holed, 'passed on'], [$holed, 'passed on']], 6];
        yield 'a gate judges the start alone' => [
            'telling-gate',
            [
                [$start('through'), 'passed'],
                [$start('left'), 'missed'],
                [['stop' => 'holed', 'roll_m' => null, 'gate' => 'right'], 'missed on'],
            ],
        ];
        yield 'five to go home: one out of the hole starts again' => [
            'five-to-go-home',
            [[$holed, 'passed on'], [$holed, 'passed on'], [$rolled(0.9), 'missed'], [$holed, 'passed on']],
        ];
        foreach (
            [
                'never-twice' => 0.1,
                'six-before-the-round' => 0.1,
                'say-it-first' => 0.1,
                'up-down-in-turn' => 0.12,
                'eyes-on-the-target' => 0.12,
                'one-ball-lap' => 0.1,
                'discs-then-down' => 0.12,
                'putt-or-chip' => 0.15,
                'one-ball-new-putt' => 0.12,
            ]
            as $key => $share
        ) {
            yield "$key: within its share of whatever length is called" => [
                $key,
                [
                    [['times' => 1.0 + $share - 0.005], 'passed on'],
                    [['times' => 1.0 + $share + 0.005], 'missed long'],
                    [['times' => 1.0 - $share + 0.005], 'passed on'],
                    [['times' => 1.0 - $share - 0.005], 'missed short'],
                ],
            ];
        }
        // At an edge nothing passes that lies beyond it, however it was entered.
        foreach (['to-the-edge' => 0.1, 'edge-in-brief' => 0.1, 'rolled-by-hand' => 0.15] as $key => $share) {
            yield "$key: within its share of the length, and never over the edge" => [
                $key,
                [
                    [['times' => 1.0], 'passed on'],
                    [['times' => 1.03], 'missed long'],
                    [['times' => 1.0 - $share + 0.005], 'passed on'],
                    [['times' => 1.0 - $share - 0.005], 'missed short'],
                ],
            ];
        }
        yield 'one line, three lengths: middle, short, long' => [
            'one-line-three-lengths',
            [
                [$rolled(6.7), 'passed on'],
                [$rolled(2.6), 'missed short'],
                [$rolled(10.1), 'missed long'],
                [$rolled(6.8), 'missed long'],
            ],
        ];
        yield 'edge to edge: the long one first' => [
            'edge-to-edge',
            [
                [$rolled(13.6), 'passed on'],
                [$rolled(12.2), 'missed short'],
                [$rolled(6.8), 'passed on'],
                [['roll_m' => 7.5, 'stop' => 'edge'], 'missed long'],
            ],
        ];
        yield 'a shoe as stop: nearly an eighth short' => [
            'shoe-as-stop',
            [[$rolled(2.7), 'passed on'], [$rolled(2.6), 'missed short'], [$rolled(3.1), 'missed long']],
        ];
        yield 'on the mat: a tenth of a short length is little' => [
            'mat-steps',
            [[$rolled(1.15), 'passed on'], [$rolled(1.25), 'missed long'], [$rolled(1.05), 'missed short']],
        ];
        yield 'the ring: beside it counts as much as past it' => [
            'ring-then-out',
            [
                [$rolled(10.8), 'passed on'],
                [['roll_m' => 10.7, 'side_m' => 0.6], 'missed long'],
                [$rolled(8.9), 'missed short'],
                [['roll_m' => 10.0, 'side_m' => 0.89], 'passed on'],
                [$holed, 'passed on'],
            ],
        ];
        yield 'downhill and dying: two feet past is the most' => [
            'down-and-dying',
            [
                [$rolled(3.5), 'passed on'],
                [$rolled(2.95), 'missed short'],
                [$rolled(3.7), 'missed long'],
                [$holed, 'passed on'],
            ],
        ];
        yield 'uphill and firm: short is short' => [
            'up-and-firm',
            [[$rolled(4.6), 'passed on'], [$rolled(3.9), 'missed short'], [$rolled(4.65), 'missed long']],
        ];
        // Nobody has to say how far a ball went that was only to strike something.
        foreach (['standing-cup', 'mug-on-the-carpet'] as $key) {
            yield "$key: struck or not" => [
                $key,
                [[['hit' => true] + $unseen, 'passed'], [['hit' => false] + $unseen, 'missed'], [$unseen, 'missed']],
            ];
        }
        foreach (
            [
                'along-the-chalk',
                'on-the-rule',
                'over-the-spot',
                'string-over-ball',
                'start-it-straight',
                'gate-then-lengths',
                'closing-gate',
                'feared-side',
                'each-a-bit-shorter',
            ]
            as $key
        ) {
            yield "$key: the start alone" => [
                $key,
                [
                    [$start('through'), 'passed'],
                    [$start('left'), 'missed'],
                    [$start('right'), 'missed'],
                    [$unseen, 'missed'],
                    [['gate' => 'through', 'roll_m' => 0.5], 'passed'],
                ],
            ];
        }
        foreach (['round-the-hole', 'in-a-row-short', 'aim-object-result', 'aim-ball'] as $key) {
            yield "$key: in the hole, or not" => [
                $key,
                [[$holed, 'passed on'], [['times' => 1.02], 'missed'], [$holed, 'passed on']],
            ];
        }
        // A bucket at twelve metres: struck, or within three feet of it.
        yield 'the bucket: struck or near' => [
            'bucket-from-far',
            [
                [['roll_m' => 12.0, 'stop' => 'target'], 'passed on'],
                [$rolled(12.8), 'passed on'],
                [$rolled(11.0), 'missed short'],
                [['roll_m' => 11.5, 'stop' => 'post'], 'missed'],
            ],
        ];
        yield 'over the ridge: struck or near, however it was sent there' => [
            'bucket-over-ridge',
            [
                [['roll_m' => 10.0, 'stop' => 'target'], 'passed on'],
                [$rolled(10.8), 'passed on'],
                [$rolled(9.0), 'missed short'],
                [$rolled(11.0), 'missed long'],
            ],
        ];
        $met = static fn(string $how): array => ['contact' => $how] + $unseen;
        yield 'a tee: a graze is one the hole would have taken' => [
            'only-a-tee',
            [[$met('full'), 'passed'], [$met('graze'), 'passed'], [$met('miss'), 'missed'], [$unseen, 'missed']],
        ];
        // Soft and firm in turn: soft leaves them within 40 cm, firm further, up to 1.2 m.
        $apart = static fn(float $gap): array => ['hit' => true, 'gap_m' => $gap] + $unseen;
        yield 'a ball at a ball: struck, and apart as told' => [
            'ball-at-a-ball',
            [
                [$apart(0.3), 'passed'],
                [$apart(0.8), 'passed'],
                [$apart(0.8), 'missed'],
                [$apart(0.3), 'missed'],
                [['hit' => false] + $unseen, 'missed'],
            ],
        ];
        yield 'putty: only the middle is clean' => [
            'toe-and-heel',
            [
                [['strike' => 'middle'] + $unseen, 'passed'],
                [['strike' => 'toe'] + $unseen, 'missed'],
                [['strike' => 'heel'] + $unseen, 'missed'],
            ],
        ];
        yield 'hold it: held or not' => [
            'hold-it',
            [[['held' => true] + $unseen, 'passed'], [['held' => false] + $unseen, 'missed']],
        ];
        // Two metres from the edge, to rest right at it: half a metre short at most, and never over.
        yield 'back from the edge' => [
            'edge-steps',
            [
                [$rolled(1.9), 'passed on'],
                [$rolled(1.4), 'missed short'],
                [['roll_m' => 2.0, 'stop' => 'edge'], 'missed long'],
                [$rolled(3.0), 'passed on'],
            ],
        ];
        // The first of each three is the measure, whatever it rolled.
        yield 'three alike: as far as the first of the set' => [
            'three-alike',
            [
                [$rolled(5.0), 'noted'],
                [$rolled(5.4), 'passed on'],
                [$rolled(5.6), 'missed long'],
                [$rolled(9.0), 'noted'],
                [$rolled(8.0), 'missed short'],
                [$rolled(9.5), 'passed on'],
            ],
        ];
        foreach (['three-backstrokes', 'stance-trio'] as $key) {
            yield "$key: nothing is judged" => [$key, [[$rolled(3.0), 'noted'], [$rolled(9.0), 'noted']]];
        }
        yield 'one ball to the ring' => [
            'one-ball-ring',
            [[['times' => 1.05], 'passed on'], [['times' => 1.2], 'missed long'], [['times' => 0.8], 'missed short']],
        ];
        yield 'the whole ladder: a miss starts it all again' => [
            'whole-ladder',
            [
                [$rolled(3.1), 'passed on'],
                [$rolled(2.6), 'passed on'],
                [$rolled(3.9), 'missed short'],
                [$rolled(2.5), 'passed on'],
            ],
        ];
        yield 'nearer each time: the first is what the second is held against' => [
            'nearer-each-time',
            [
                [$rolled(4.0), 'noted'],
                [$rolled(5.0), 'passed on'],
                [$rolled(7.5), 'missed long'],
                [$rolled(6.2), 'passed on'],
            ],
        ];
    }

    public function testEveryShippedDrillIsRunHere(): void
    {
        $run = array_unique(array_column(iterator_to_array(self::runs(), false), 0));
        self::assertEqualsCanonicalizing(array_keys(self::library()), $run);
    }

    public function testAGoodStartNobodyFollowedIsNoMiss(): void
    {
        foreach (
            [
                'closing-gate',
                'telling-gate',
                'along-the-chalk',
                'on-the-rule',
                'over-the-spot',
                'string-over-ball',
                'start-it-straight',
            ]
            as $key
        ) {
            $seen = ['roll_m' => null, 'stop' => 'unseen', 'gate' => 'through'];
            $state = DrillRun::fold(self::shipped($key), [self::ball(0, 0.0, $seen)], 1);
            self::assertSame([1, 0], [$state->passes, $state->throughButMissed], $key);
        }
    }

    /** Whatever a drill's points are, a ball that passes does not cost any, and one that misses brings none. */
    public function testPointsAgreeWithPassing(): void
    {
        $scored = array_filter(self::library(), static fn(array $card): bool => isset($card['points']));
        self::assertNotEmpty($scored);
        foreach (array_keys($scored) as $key) {
            $drill = self::shipped($key);
            $length = DrillRun::fold($drill, [], 1)->next->lengthMetres ?? 0.0;
            for ($past = -1.0; $past <= 2.0; $past += 0.05) {
                $state = DrillRun::fold($drill, [self::ball(0, $length + $past)], 1);
                self::assertSame($state->passes > 0, $state->points > 0, sprintf('%s, %.2f m past', $key, $past));
            }
        }
    }

    public function testRoundTheHoleNeverGivesTheSamePuttTwiceRunning(): void
    {
        for ($seed = 1; $seed <= 20; ++$seed) {
            $last = null;
            $events = [];
            while (($next = DrillRun::fold(self::shipped('round-the-hole'), $events, $seed)->next) !== null) {
                self::assertNotSame($last, $next->station);
                $last = $next->station;
                $events[] = self::ball(count($events), 1.2, ['stop' => 'holed']);
            }
            self::assertCount(12, $events);
        }
    }

    public function testTheRuleLetsThroughWhatItsCardSays(): void
    {
        $why = self::library()['on-the-rule']['why'];
        self::assertIsString($why);
        self::assertSame(1, preg_match('/within ([\d.]+) of a degree/', $why, $found));
        $angle = SetupSheet::of(
            DrillReader::read(JsonInput::parse(json_encode(self::library()['on-the-rule'], JSON_THROW_ON_ERROR))),
        )->aidAngles()[0]['half_angle'];
        self::assertEqualsWithDelta((float) $found[1], rad2deg($angle), 0.05);
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\Pass\PassRules;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every kind of rule, order and end as a coach reads it in one line. */
final class RuleWordsTest extends DrillTestCase
{
    /** @param array<string, mixed> $rules */
    #[DataProvider('passes')]
    public function testWhatPassesInWords(string $kind, array $rules, string $words): void
    {
        $card = self::card(
            ['pass' => ['kind' => $kind] + ($rules['pass'] ?? [])] + array_diff_key($rules, ['pass' => 0]),
        );
        self::assertStringEndsWith($words, $card->words->rule);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function passes(): iterable
    {
        $gate = ['kind' => 'gate', 'width_m' => 0.08, 'distance_m' => 0.5];
        $open = ['target' => 'none'];
        foreach (
            [
                ['share', [], 'at the hole; each passes if it stops within 10 % of its length.'],
                ['share', ['pass' => ['share' => 0.125]], 'each passes if it stops within 12.5 % of its length.'],
                ['past_only', [], 'each passes if it reaches it, and no more than {0.9000 m} past.'],
                [
                    'short_only',
                    ['target' => 'edge', 'pass' => ['within_m' => 0.4]],
                    'at the edge; each passes if it stops on this side, no more than {0.4000 m} short.',
                ],
                [
                    'between',
                    ['target' => 'rail', 'pass' => ['behind_m' => 0.5]],
                    'at the hole with a rod behind; each passes if it stops past the lip, within {0.5000 m}.',
                ],
                [
                    'radius',
                    ['target' => 'ring', 'pass' => ['radius_m' => 0.9]],
                    'at the ring; each passes if it stops within {0.9000 m}.',
                ],
                ['holed', [], 'each passes if it is holed.'],
                ['hit', ['target' => 'stand'], 'at the object; each passes if it hits it.'],
                [
                    'hit_or_near',
                    ['target' => 'stand', 'pass' => ['radius_m' => 1]],
                    'each passes if it hits it, or stops within {1.0000 m}.',
                ],
                [
                    'hit_gap',
                    ['target' => 'ball'],
                    'at the other ball; each passes if it hits it and the two finish apart as instructed: {0.3000 m} at most when soft, {0.3000 m} to {0.9000 m} when firm.',
                ],
                ['contact', ['target' => 'tee'], 'at the tee; each passes if it hits it, fully or grazing.'],
                ['middle', $open, ', to open ground; each passes if it is struck with the middle of the face.'],
                ['held', $open, 'each passes if it is putted with the finish held.'],
                ['level', ['pass' => ['level' => 2]], 'each passes if it reaches level 2, or follows its instruction.'],
                ['through_gate', ['aid' => $gate], 'each passes if it starts through the gate, {0.0800 w} wide.'],
                [
                    'through_gate',
                    ['aid' => $gate, 'steps_m' => [0.08, 0.07, 0.06], 'start_step' => 1],
                    'each passes if it starts through the gate, {0.0700 w} wide.',
                ],
                [
                    'on_line',
                    ['aid' => ['kind' => 'rail', 'width_m' => 0.03, 'distance_m' => 1]],
                    'each passes if it starts on the ruler.',
                ],
                ['nearer_than_last', [], 'each passes if it stops nearer than the one before.'],
                ['like_first', $open, 'each passes if it stops as far as the first of its set, within 10 %.'],
                [
                    'task',
                    ['tasks' => ['past', 'exact'], 'pass' => ['little_m' => 0.3]],
                    'each passes if it follows its instruction: a little is at most {0.3000 m}, exact within 5 %.',
                ],
                ['open', $open, 'each is measured; none passes or fails.'],
            ]
            as $i => [$kind, $rules, $words]
        ) {
            yield "$kind, $i" => [$kind, $rules, $words];
        }
    }

    public function testEveryKindIsHere(): void
    {
        self::assertEqualsCanonicalizing(
            array_keys(PassRules::all()),
            array_values(array_unique(array_column(iterator_to_array(self::passes()), 0))),
        );
    }

    /** @param array<string, mixed> $rules */
    #[DataProvider('courses')]
    public function testTheCourseOfItInWords(array $rules, string $words): void
    {
        self::assertSame($words, self::card($rules)->words->course);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function courses(): iterable
    {
        yield 'as laid' => [[], 'Station by station; ends when all are done.'];
        yield 'a ladder that restarts' => [
            ['order' => 'ladder', 'on_miss' => 'restart_station'],
            'Shortest first; a miss restarts the station; ends when all are done.',
        ];
        yield 'everything again' => [
            ['order' => 'middle_short_long', 'on_miss' => 'restart_all'],
            'Middle, short, long in turn; a miss restarts the drill; ends when all are done.',
        ];
        yield 'halves' => [
            ['order' => 'shuffled_in_halves'],
            'The first half of the stations mixed, then the second half; ends when all are done.',
        ];
        yield 'a lap' => [
            ['order' => 'blocked_then_lap'],
            'Station by station, then one lap with a single ball from each; ends when all are done.',
        ];
        yield 'so many balls' => [
            ['order' => 'shuffled', 'end' => ['kind' => 'balls', 'balls' => 30]],
            'Mixed, never the same twice in a row; ends after 30 balls.',
        ];
        yield 'so many points' => [
            [
                'end' => ['kind' => 'points', 'points' => 12],
                'points' => ['holed' => 3, 'past' => 1, 'long' => -1, 'short' => -2, 'past_within_m' => 0.6],
            ],
            'Station by station; ends at 12 points.',
        ];
    }

    public function testABallAtEachStationIsSaidAsOne(): void
    {
        self::assertStringStartsWith(
            'One ball a station at the hole;',
            self::card(['balls_per_station' => 1])->words->rule,
        );
        self::assertStringStartsWith(
            '4 balls a station at the hole;',
            self::card(['balls_per_station' => 4])->words->rule,
        );
    }
}

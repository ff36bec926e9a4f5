<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Table;

use Amble\Core\Evidence\RolledBall;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Session\Event\BallLogged;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Table\BallsAsTable;
use Amble\Core\Table\BallsOfTable;
use Amble\Core\Table\ColumnMap;
use Amble\Core\Table\Table;
use Amble\Tools\SimulatedPractice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BallsOfTableTest extends TestCase
{
    private const HEADS = ['When', 'Back (cm)', 'Rolled (ft)', 'Face', 'Why'];
    private const COLUMNS = [
        ['place' => 0, 'field' => 'at', 'unit' => ''],
        ['place' => 1, 'field' => 'backstroke_m', 'unit' => 'cm'],
        ['place' => 2, 'field' => 'roll_m', 'unit' => 'ft'],
        ['place' => 3, 'field' => 'face_deg', 'unit' => '°, left is positive'],
        ['place' => 4, 'field' => 'stop', 'unit' => ''],
    ];

    public function testUnitsSignsAndMomentsAreRead(): void
    {
        $balls = self::read([['2026-11-20 09:30', '22,5', '10', '1.5', 'Rod']]);

        self::assertSame([], $balls->refused);
        $ball = self::ball($balls->balls[0]);
        self::assertEqualsWithDelta(0.225, $ball->ball->backstroke?->metres(), 1e-9);
        self::assertEqualsWithDelta(3.048, $ball->ball->roll?->metres(), 1e-9);
        self::assertSame('rod', $ball->ball->stop->value);
        self::assertSame(
            ['face_deg' => -1.5, 'backstroke_by' => 'file', 'measured_by' => 'file'],
            $ball->ball->sight->answers,
        );
        self::assertSame(self::moment('2026-11-20 09:30'), $ball->atMilliseconds);
    }

    #[DataProvider('badRows')]
    public function testARowThatTellsNoBallIsRefusedAtItsColumnAndTheOthersStand(
        string $column,
        string $says,
        string ...$cells,
    ): void {
        $good = ['2026-11-20 09:30', '22', '10', '', ''];
        $balls = self::read([$good, array_values($cells), $good]);

        self::assertCount(2, $balls->balls);
        self::assertCount(1, $balls->refused);
        self::assertSame([3, $column], [$balls->refused[0]['row'], $balls->refused[0]['column']]);
        self::assertStringContainsString($says, $balls->refused[0]['reason']);
    }

    /** @return iterable<string, list<string>> column, what it says, cells */
    public static function badRows(): iterable
    {
        yield 'a word for a number' => [
            'Back (cm)',
            '“wide” is not a number',
            '2026-11-20 09:31',
            'wide',
            '10',
            '',
            '',
        ];
        yield 'longer than an arm' => ['Back (cm)', 'between 1 cm', '2026-11-20 09:31', '900', '10', '', ''];
        yield 'a day that is none' => ['When', 'is not a date and time', '2026-02-31 09:31', '20', '10', '', ''];
        yield 'no such reason to stop' => ['Why', 'none of', '2026-11-20 09:31', '20', '10', '', 'tired'];
        yield 'free without a roll' => ['Rolled (ft)', 'Enter how far', '2026-11-20 09:31', '20', '', '', 'free'];
        yield 'an open face beyond belief' => ['Face', '-15 to 15', '2026-11-20 09:31', '20', '10', '80', ''];
    }

    public function testTheSameTableGivesTheSameBallsAndTheSameRowTwiceIsTwo(): void
    {
        $rows = [['2026-11-20 09:30', '22', '10', '', ''], ['2026-11-20 09:30', '22', '10', '', '']];
        [$once, $again] = [self::read($rows)->balls, self::read($rows)->balls];

        self::assertSame(array_column($once, 'id'), array_column($again, 'id'));
        self::assertCount(2, array_unique(array_column($once, 'id')));
        self::assertNotSame($once[0]['id'], self::read($rows, 'somebody else')->balls[0]['id']);
    }

    public function testEveryBallWrittenReadsBack(): void
    {
        $practice = new SimulatedPractice(
            SimulatedStudent::ordinary(),
            GreenSpeed::ofFeet(10.0),
            new SeededRandom(3),
            0.1,
        );
        $written = array_map(
            static fn(array $one, int $i): RolledBall => new RolledBall(
                (string) $i,
                1_763_000_000_000 + 25_000 * $i,
                'S',
                $one[0],
            ),
            $balls = $practice->balls(60),
            array_keys($balls),
        );
        $lines = [1 => BallsAsTable::heads()];
        foreach ($written as $i => $ball) {
            $lines[$i + 2] = array_map(
                static fn(string|int|float|bool|null $cell): string => is_bool($cell)
                    ? ($cell
                        ? 'yes'
                        : 'no')
                    : (string) $cell,
                BallsAsTable::row($ball, gmdate('Y-m-d H:i:s', intdiv($ball->atMilliseconds, 1000))),
            );
        }
        $table = Table::of($lines);
        $read = BallsOfTable::read($table, ColumnMap::guess($table), 'T', 0, self::moment(...));

        self::assertSame([], $read->refused);
        self::assertCount(60, $read->balls);
        foreach ($read->balls as $i => $event) {
            $ball = self::ball($event);
            [$old, $new] = [$written[$i]->ball, $ball->ball];
            self::assertSame($written[$i]->atMilliseconds, $ball->atMilliseconds);
            self::assertEqualsWithDelta(
                [$old->backstroke?->metres(), $old->roll?->metres(), $old->target?->metres()],
                [$new->backstroke?->metres(), $new->roll?->metres(), $new->target?->metres()],
                1e-6,
            );
            self::assertSame($old->stop, $new->stop);
            self::assertEqualsWithDelta($old->across->percent(), $new->across->percent(), 1e-6);
            self::assertEquals($old->sight->answers + ['backstroke_by' => 'file'], $new->sight->answers);
        }
    }

    public function testAHeadIsTakenForAFieldOnlyWhereItsCellsAreSuch(): void
    {
        $guess = static fn(string $cell): array => array_column(
            ColumnMap::guess(Table::of([1 => ['Start', 'Roll'], 2 => ['', '3'], 3 => [$cell, '3']]))->toArray(),
            'field',
        );

        self::assertSame(['roll_m'], $guess('0.4'));
        self::assertSame(['start', 'roll_m'], $guess('Left'));
    }

    public function testOneFieldIsFilledByOneColumn(): void
    {
        $this->expectExceptionMessage('Two columns are set to “Roll”');
        self::map([
            ['place' => 0, 'field' => 'roll_m', 'unit' => 'm'],
            ['place' => 1, 'field' => 'roll_m', 'unit' => 'm'],
        ]);
    }

    public function testATableOfNothingAboutBallsIsRefused(): void
    {
        $this->expectException(InvalidInput::class);
        $table = Table::of([1 => ['Time', 'Weather']]);
        BallsOfTable::read($table, ColumnMap::guess($table), 'T', 0, self::moment(...));
    }

    public function testRowsThatTellNoMomentFollowEachOther(): void
    {
        $table = Table::of([1 => ['Roll', 'Target'], 2 => ['3', '3'], 3 => ['2.5', '3']]);
        $balls = BallsOfTable::read($table, ColumnMap::guess($table), 'T', 1_700_000_000_000, self::moment(...))->balls;

        self::assertSame([1_700_000_000_000, 1_700_000_030_000], array_column($balls, 'at_ms'));
    }

    private static function moment(string $text): ?int
    {
        $moment = \DateTimeImmutable::createFromFormat(
            '!Y-m-d H:i:s',
            strlen($text) === 16 ? "$text:00" : $text,
            new \DateTimeZone('UTC'),
        );

        return $moment === false || \DateTimeImmutable::getLastErrors() !== false
            ? null
            : 1000 * $moment->getTimestamp();
    }

    /** @param list<list<string>> $rows */
    private static function read(array $rows, string $whose = 'somebody'): BallsOfTable
    {
        $table = Table::of(array_combine(range(1, count($rows) + 1), [self::HEADS, ...$rows]));

        return BallsOfTable::read($table, self::map(self::COLUMNS), $whose, 0, self::moment(...));
    }

    /** @param list<array<string, mixed>> $columns */
    private static function map(array $columns): ColumnMap
    {
        return ColumnMap::read(
            JsonInput::parse(json_encode(['columns' => $columns], JSON_THROW_ON_ERROR)),
            count(self::HEADS),
        );
    }

    /** @param array<string, mixed> $event */
    private static function ball(array $event): BallLogged
    {
        $ball = EventReader::arriving(JsonInput::fromArray($event));
        assert($ball instanceof BallLogged);

        return $ball;
    }
}

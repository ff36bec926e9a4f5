<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\DrillRulesReader;
use Amble\Core\Drill\End\Ends;
use Amble\Core\Drill\Finding\FindingKinds;
use Amble\Core\Drill\Order\Orders;
use Amble\Core\Drill\Pass\PassRules;
use Amble\Core\Drill\Purpose;
use Amble\Core\Drill\RoundNumbers;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Simulation\DrillPlayer;
use Amble\Core\Simulation\SimulatedStudent;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;

/** The shipped drills: each can be run to its end, says what it is for, and is not another renamed. */
final class LibraryTest extends DrillTestCase
{
    private const WORDS = [
        'key',
        'name',
        'why',
        'meaning',
        'trains',
        'places',
        'minutes',
        'dose',
        'kit',
        'cautions',
        'group',
        'schools',
        'purpose',
        'asks',
        'finds',
        'progression',
    ];

    private static function text(): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json');
    }

    /** @return list<array<string, mixed>> */
    private static function drills(): array
    {
        return json_decode(self::text(), true, 64, JSON_THROW_ON_ERROR)['drills'];
    }

    /** @return iterable<string, array{array<string, mixed>, float, float, bool}> */
    public static function players(): iterable
    {
        $players = ['good' => [0.06, 1.35], 'average' => [0.1, 2.0], 'poor' => [0.14, 3.0]];
        foreach (self::drills() as $drill) {
            foreach ($players as $level => [$scatter, $degrees]) {
                yield "{$drill['key']}, $level" => [$drill, $scatter, $degrees, $level === 'average'];
            }
        }
    }

    /** @param array<string, mixed> $json */
    #[DataProvider('players')]
    public function testASimulatedStudentPlaysItToItsEnd(
        array $json,
        float $scatter,
        float $degrees,
        bool $isAverage,
    ): void {
        $drill = DrillRulesReader::read(JsonInput::parse(json_encode($json, JSON_THROW_ON_ERROR)));
        $minutes = 0.0;
        for ($seed = 1; $seed <= 6; ++$seed) {
            $student = new SimulatedStudent(2.2, 1.75, $scatter, $scatter / 4, lineSpread: deg2rad($degrees));
            [$state, $events] = (new DrillPlayer($student, GreenSpeed::ofFeet(9.5), new SeededRandom($seed)))->play(
                $drill,
                $seed,
            );
            self::assertTrue($state->phase->isOver());
            self::assertSame($state->balls, count($events));
            self::assertLessThanOrEqual($drill->cap->balls ?? 500, $state->balls);
            $minutes += $events[count($events) - 1]->atMilliseconds / 60_000 / 6;
        }
        if ($isAverage) {
            // The stated duration is what it takes an average student, to a few minutes.
            self::assertEqualsWithDelta($minutes, $json['minutes'], 2.0 + 0.25 * $minutes);
        }
    }

    public function testTheLibraryIsOfItsSchema(): void
    {
        $schema = (string) file_get_contents(dirname(__DIR__, 2) . '/drills/drill.schema.json');
        $result = (new Validator())->validate(json_decode(self::text(), false, 64, JSON_THROW_ON_ERROR), $schema);
        self::assertTrue($result->isValid(), (string) $result->error()?->message());
    }

    public function testNoDrillIsAnotherRenamed(): void
    {
        $drills = self::drills();
        self::assertGreaterThanOrEqual(30, count($drills));
        $rules = array_map(
            static fn(array $drill): string => json_encode(
                array_diff_key($drill, array_flip(self::WORDS)),
                JSON_THROW_ON_ERROR,
            ),
            $drills,
        );
        self::assertSame($rules, array_values(array_unique($rules)));
        foreach (['key', 'name', 'why', 'meaning'] as $word) {
            self::assertCount(count($drills), array_unique(array_column($drills, $word)));
        }
    }

    public function testItCoversEveryKindOfRule(): void
    {
        $drills = self::drills();
        $kinds = static fn(string $field): array => array_unique(
            array_map(static fn(array $drill): string => $drill[$field]['kind'] ?? ($drill[$field] ?? ''), $drills),
        );
        self::assertSame([], array_diff(array_keys(PassRules::all()), $kinds('pass')));
        self::assertSame([], array_diff(array_keys(Orders::all()), [...$kinds('order'), 'as_laid']));
        self::assertSame([], array_diff(array_keys(Ends::all()), $kinds('end')));
        self::assertSame(
            [],
            array_diff(array_keys(FindingKinds::KINDS), array_merge(...array_column($drills, 'finds'))),
        );
        self::assertSame([], array_diff(array_column(Purpose::cases(), 'value'), array_column($drills, 'purpose')));
        self::assertSame([], array_diff(['again', 'restart_station', 'restart_all'], $kinds('on_miss')));
        self::assertSame(
            [],
            array_diff(['hole', 'edge', 'ring', 'rail', 'stand', 'ball', 'tee', 'none'], $kinds('target')),
        );
        $trained = array_merge(...array_column($drills, 'trains'));
        self::assertSame(
            [],
            array_diff(['speed', 'start line', 'read', 'feel', 'set-up', 'backstroke', 'strike'], $trained),
        );
        self::assertContains('mat', array_merge(...array_column($drills, 'places')));
        foreach ($drills as $drill) {
            self::assertNotSame([], $drill['kit'], $drill['key']);
            self::assertNotSame('', $drill['dose'], $drill['key']);
        }
    }

    /** Round feet stand for the lengths a drill is written with: as many, in their order, and near them. */
    public function testEverySetOfRoundFeetFitsItsDrill(): void
    {
        $path = dirname(__DIR__, 2) . '/drills/round-feet.json';
        /** @var array<string, list<int>> $sets */
        $sets = json_decode((string) file_get_contents($path), true, 4, JSON_THROW_ON_ERROR);
        $drills = array_column(self::drills(), null, 'key');
        self::assertSame([], array_diff(array_keys($sets), array_keys($drills)));
        $round = RoundNumbers::feet($sets);
        foreach ($sets as $key => $feet) {
            $written = array_column($drills[$key]['stations'], 'length_m');
            $laid = array_column($round->of($drills[$key])['stations'], 'length_m');
            foreach ($written as $i => $metres) {
                self::assertEqualsWithDelta($metres, $laid[$i], 0.16 * $metres, $key);
                self::assertContains((int) round($laid[$i] / 0.3048), $feet, $key);
            }
            self::assertCount(count($feet), array_unique($laid), $key);
            self::assertSame(
                self::ranks($written),
                self::ranks($laid),
                "$key: the longer of two lengths stays the longer",
            );
        }
        // Without a set whole feet are taken, as before.
        $none = RoundNumbers::feet()->of($drills['lip-and-rod']);
        self::assertEqualsWithDelta(
            [10, 16, 23],
            array_map(static fn(array $station): float => $station['length_m'] / 0.3048, $none['stations']),
            1e-9,
        );
    }

    /**
     * @param list<float> $lengths
     *
     * @return list<int> the place of each among them by length
     */
    private static function ranks(array $lengths): array
    {
        $sorted = array_values(array_unique($lengths));
        sort($sorted);

        return array_map(static fn(float $length): int => (int) array_search($length, $sorted, false), $lengths);
    }
}

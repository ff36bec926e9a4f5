<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\AgainstHole;
use Amble\Core\Drill\DrillRulesReader;
use Amble\Core\Drill\DrillRun;
use Amble\Core\Drill\RoundNumbers;
use Amble\Core\Drill\SetupSheet;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\SafetyNote;
use Amble\Core\Units\Length;
use PHPUnit\Framework\Attributes\DataProvider;

final class SetupSheetTest extends DrillTestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function shipped(): iterable
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode((string) file_get_contents(__DIR__ . '/../../drills/library.json'), true);
        foreach ($library['drills'] as $drill) {
            yield (string) $drill['key'] => [$drill];
        }
    }

    public function testAGateInDegreesAndAgainstTheHole(): void
    {
        $card = self::card([
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
            'steps_m' => [0.1, 0.06],
        ]);
        $angles = array_column(SetupSheet::of($card)->aidAngles(), 'half_angle');
        // The ball's centre has 50 mm less a radius of 21.335 mm on either side, 500 mm ahead.
        self::assertEqualsWithDelta([atan(0.028665 / 0.5), atan(0.008665 / 0.5)], $angles, 1e-12);
        self::assertEqualsWithDelta(atan(0.054 / 3.0), AgainstHole::holeHalfAngle(Length::ofMetres(3.0)), 1e-12);
    }

    public function testChecksAreOnlyThoseItsResultsDependOn(): void
    {
        $gate = [
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
        ];
        $keys = static fn(array $changes): array => array_keys(SetupSheet::of(self::card($changes))->checks());
        self::assertEqualsCanonicalizing(['gate_seen', 'straight'], $keys($gate));
        self::assertEqualsCanonicalizing(
            ['gate_seen', 'line_chosen'],
            $keys($gate + ['stations' => [['length_m' => 4.0, 'across_percent' => 1.5]]]),
        );
        self::assertSame(['lengths'], $keys([]));
        self::assertSame([], $keys(['pass' => ['kind' => 'holed']]));
        self::assertSame(['lengths', 'short_ones'], $keys(['putt_out' => 'passed']));
    }

    public function testEquipmentIsCountedAndWhatTripsIsSaid(): void
    {
        $sheet = SetupSheet::of(
            self::card([
                'kit' => [
                    ['piece' => 'ball'],
                    ['piece' => 'tee', 'count' => 3],
                    ['piece' => 'rod', 'count' => 1],
                    ['piece' => 'tee', 'count' => 8, 'for' => 'the ring'],
                    ['piece' => 'other', 'name' => 'beach towel', 'count' => 1],
                ],
            ]),
        );
        self::assertSame([null, 3, 1, 8, 1], array_column($sheet->kit(), 'pieces'));
        self::assertSame(
            ['balls', '3 tees', 'rod', '8 tees for the ring', 'beach towel'],
            array_column($sheet->kit(), 'words'),
        );
        self::assertSame('tees for the ring', $sheet->kit()[3]['name']);
        self::assertCount(2, $sheet->cautions());
        self::assertSame(
            [],
            SetupSheet::of(self::card(['kit' => [['piece' => 'ball'], ['piece' => 'disc', 'count' => 1]]]))->cautions(),
        );
        $called = static fn(string $piece): array => SetupSheet::of(
            self::card(['kit' => [['piece' => $piece, 'count' => 1]]]),
        )->cautions();
        self::assertSame([SafetyNote::Ricochet->value], $called('bucket'));
        self::assertSame([SafetyNote::Trip->value, SafetyNote::Cord->value], $called('string'));
        self::assertSame([SafetyNote::Trip->value, SafetyNote::Chalk->value], $called('chalk'));
        self::assertSame([SafetyNote::Mirrors->value, SafetyNote::Light->value], $called('mirror'));
        self::assertSame([SafetyNote::Wedges->value], $called('wedge'));
        self::assertSame([SafetyNote::Trip->value, SafetyNote::Stakes->value], $called('stake'));
        // What the drill says itself is not said again in other words.
        $own = ['Flag the rod: it trips people.'];
        self::assertSame(
            $own,
            SetupSheet::of(self::card(['kit' => [['piece' => 'rod', 'count' => 1]], 'cautions' => $own]))->cautions(),
        );
    }

    /** @param array<string, mixed> $drill */
    #[DataProvider('shipped')]
    public function testInFeetEveryLengthIsWholeAndTheDrillStillRuns(array $drill): void
    {
        $round = RoundNumbers::feet()->of($drill);
        $read = DrillRulesReader::read(JsonInput::parse((string) json_encode($round)));
        $before = DrillRulesReader::read(JsonInput::parse((string) json_encode($drill)));
        foreach ($read->stations as $i => $station) {
            $feet = $station->from->feet();
            $step = $feet >= 2.0 ? 1.0 : 0.25;
            self::assertEqualsWithDelta(round($feet / $step), $feet / $step, 0.002);
            // Rounding to a foot moves nothing by more than half of one.
            self::assertEqualsWithDelta($before->stations[$i]->from->feet(), $feet, 0.501);
        }
        $lengths = static fn($of): int => count(
            array_unique(array_map(static fn($station): string => serialize($station->from), $of->stations)),
        );
        self::assertSame($lengths($before), $lengths($read), 'two stations became one');
        foreach (DrillRun::fold($read, [], 3)->stations as $tally) {
            $quarters = (4.0 * $tally->lengthMetres) / Length::METRES_PER_FOOT;
            self::assertEqualsWithDelta(round($quarters), $quarters, 0.01, 'a drawn length is round too');
        }
    }

    public function testInFeetTheFiguresOfARuleAndItsLevelsAreRoundTooAndSharesAreLeftAlone(): void
    {
        $round = RoundNumbers::feet()->of([
            'stations' => [['length_m' => 3.0, 'backstroke_m' => 0.16]],
            'pass' => ['kind' => 'between', 'behind_m' => 0.5],
            'progression' => [
                ['says' => 'Nearer.', 'figure' => 0.4],
                ['says' => 'Further.', 'lengths_m' => [5.0, 7.0], 'width_m' => 0.065],
            ],
        ]);
        $inch = 0.0254;
        // Three inches on the green, a quarter of one for a width, two for a backstroke, a foot for a length.
        self::assertEqualsWithDelta(
            [21 * $inch, 15 * $inch],
            [$round['pass']['behind_m'], $round['progression'][0]['figure']],
            1e-4,
        );
        self::assertEqualsWithDelta([192 * $inch, 276 * $inch], $round['progression'][1]['lengths_m'], 1e-4);
        self::assertEqualsWithDelta(
            [2.5 * $inch, 6 * $inch],
            [$round['progression'][1]['width_m'], $round['stations'][0]['backstroke_m']],
            1e-4,
        );
        $share = [
            'stations' => [],
            'pass' => ['kind' => 'share', 'share' => 0.1],
            'progression' => [['says' => 'Tighter.', 'figure' => 0.05]],
        ];
        self::assertSame($share, RoundNumbers::feet()->of($share));
    }

    public function testInPacesLengthsAreWholePaces(): void
    {
        $round = RoundNumbers::paces(Length::ofMetres(0.8))->of([
            'stations' => [['length_m' => 3.0], ['from_m' => 1.5, 'to_m' => 9.0], ['length_m' => 0.4]],
        ]);
        self::assertSame(
            [['length_m' => 3.2], ['from_m' => 1.524, 'to_m' => 8.8, 'step_m' => 0.8], ['length_m' => 0.381]],
            $round['stations'],
        );
    }
}

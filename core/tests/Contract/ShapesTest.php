<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Contract;

use Amble\Core\Contract\Kind;
use Amble\Core\Json\JsonInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What goes out has exactly the fields of docs/contracts.md, whatever state it is in. */
final class ShapesTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function answer(Kind $kind, string $json): array
    {
        return $kind->computation()->answer(JsonInput::parse($json));
    }

    /** @param list<string> $fields */
    #[DataProvider('questions')]
    public function testTheFieldsAreThoseOfTheContract(Kind $kind, string $json, array $fields): void
    {
        $answer = self::answer($kind, $json);
        self::assertSame($fields, array_keys($answer));
        // Everything can be written as JSON: no infinity, no NaN, no object.
        self::assertJson(json_encode($answer, JSON_THROW_ON_ERROR));
    }

    /** @return iterable<string, array{Kind, string, list<string>}> */
    public static function questions(): iterable
    {
        $speed = ['green_speed_ft', 'standard_error_ft', 'grade_percent', 'level', 'warnings'];
        yield 'ramp both ways' => [
            Kind::GreenSpeed,
            '{"method":"ramp","direction_1_m":[3],"direction_2_m":[3.1]}',
            $speed,
        ];
        yield 'ramp, second way only' => [
            Kind::GreenSpeed,
            '{"method":"ramp","direction_1_m":null,"direction_2_m":[3.1,3]}',
            $speed,
        ];
        yield 'stopwatch' => [
            Kind::GreenSpeed,
            '{"method":"stopwatch","direction_1":[{"distance_m":5,"time_s":4}]}',
            $speed,
        ];

        $roll = ['stops', 'start_speed_m_s', 'plays_like_m'];
        yield 'a roll' => [Kind::Roll, '{"green_speed_ft":10,"grade_percent":1,"length_m":4}', $roll];
        yield 'a roll that never stops' => [
            Kind::Roll,
            '{"green_speed_ft":10,"grade_percent":-20,"length_m":4}',
            $roll,
        ];

        $read = [
            'solved',
            'start_line_deg',
            'aim_offset_m',
            'start_speed_m_s',
            'speed_at_hole_m_s',
            'plays_like_m',
            'reason',
        ];
        $green = '"green_speed_ft":10,"length_m":4,"grade_across_percent":1,"pace_m":0.3';
        yield 'a read' => [Kind::Read, "{{$green},\"grade_along_percent\":0}", $read];
        yield 'a read with all there is' => [
            Kind::Read,
            "{{$green},\"grade_along_percent\":1,\"tier\":{\"height_m\":0.1,\"run_m\":1,\"start_m\":1}," .
            '"grain":{"strength":0.1,"direction_deg":90}}',
            $read,
        ];
        yield 'no read' => [Kind::Read, "{{$green},\"grade_along_percent\":-12}", $read];

        $fit = ['state', 'n', 'alpha', 'beta', 'sigma', 'df', 'weights', 'marked', 'predictions', 'wanted'];
        yield 'no putts' => [Kind::StrokeFit, '{"putts":[]}', $fit];
        yield 'one putt' => [
            Kind::StrokeFit,
            '{"putts":[{"backstroke_m":0.2,"roll_m":3,"green_speed_ft":10,"grade_percent":0}]}',
            $fit,
        ];

        $direction = [
            'state',
            'n',
            'bias_deg',
            'spread_deg',
            'bias_interval_deg',
            'spread_interval_deg',
            'spread_upper_bound_deg',
        ];
        yield 'no start lines' => [Kind::DirectionFit, '{"putts":[]}', $direction];
        yield 'one start line' => [Kind::DirectionFit, '{"putts":[{"exact_deg":1}]}', $direction];
        yield 'two start lines' => [Kind::DirectionFit, '{"putts":[{"exact_deg":1},{"exact_deg":2}]}', $direction];

        $distance = [
            'n',
            'n_measured',
            'n_cut_short',
            'bias',
            'spread',
            'bias_interval',
            'spread_interval',
            'inside_share',
            'inside_interval',
            'inside_share_estimated',
            'inside_estimated_interval',
        ];
        yield 'a holed ball' => [Kind::DistanceControl, '{"putts":[{"target_m":3,"holed":true}]}', $distance];
        yield 'two balls' => [
            Kind::DistanceControl,
            '{"putts":[{"target_m":3,"stop_m":0},{"target_m":3,"stop_m":3}]}',
            $distance,
        ];

        $player = '"pace_m":0.3,"start_line":{"bias_deg":0,"spread_deg":0},"distance":{"bias":0,"spread":0}';
        yield 'a perfect player' => [
            Kind::Strokes,
            "{\"green_speed_ft\":10,{$player},\"lengths_m\":[0.01,100]}",
            ['by_length'],
        ];
    }

    public function testOneDirectionIsTheMeanAndIsNotLevel(): void
    {
        $answer = self::answer(Kind::GreenSpeed, '{"method":"ramp","direction_2_m":[3.0,3.2]}');
        self::assertEqualsWithDelta(3.1 / 0.3048, $answer['green_speed_ft'], 1e-12);
        self::assertFalse($answer['level']);
        self::assertNull($answer['grade_percent']);
        self::assertSame(['one_direction'], $answer['warnings']);
    }

    public function testAnExtrapolatedAnswerIsMarkedAndOneAtTheEndIsNot(): void
    {
        $putts = implode(
            ',',
            array_map(
                static fn(float $back): string => sprintf(
                    '{"backstroke_m":%s,"roll_m":%s,"green_speed_ft":10}',
                    $back,
                    60 * $back ** 1.8,
                ),
                [0.1, 0.2, 0.3],
            ),
        );
        $ask = static fn(float $back): array => self::answer(
            Kind::StrokeFit,
            "{\"putts\":[$putts],\"predict\":[{\"backstroke_m\":$back,\"green_speed_ft\":10}]}",
        )['predictions'][0];
        self::assertFalse($ask(0.1)['extrapolated']);
        self::assertFalse($ask(0.3)['extrapolated']);
        self::assertTrue($ask(0.301)['extrapolated']);
        self::assertTrue($ask(0.099)['extrapolated']);
        self::assertLessThan($ask(0.2)['roll_m'], $ask(0.2)['low_m']);
        self::assertGreaterThan($ask(0.2)['roll_m'], $ask(0.2)['high_m']);
    }

    public function testAWiderBandHoldsTheNarrowerOne(): void
    {
        $at = static fn(float $band): array => self::answer(
            Kind::StrokeFit,
            '{"putts":[{"backstroke_m":0.2,"roll_m":3,"green_speed_ft":10},{"backstroke_m":0.3,"roll_m":6,"green_speed_ft":10}],' .
                "\"band\":$band,\"predict\":[{\"backstroke_m\":0.25,\"green_speed_ft\":10}]}",
        )['predictions'][0];
        foreach ([[0.5, 0.8], [0.8, 0.95], [0.95, 0.99]] as [$narrow, $wide]) {
            self::assertGreaterThan($at($wide)['low_m'], $at($narrow)['low_m']);
            self::assertLessThan($at($wide)['high_m'], $at($narrow)['high_m']);
            self::assertSame($at($narrow)['roll_m'], $at($wide)['roll_m']);
        }
    }

    public function testThePriorAloneAnswersFromOnePutt(): void
    {
        $answer = self::answer(
            Kind::StrokeFit,
            '{"putts":[{"backstroke_m":0.2,"roll_m":3,"green_speed_ft":10}],' .
                '"wanted":[{"roll_m":3,"green_speed_ft":10},{"roll_m":6,"green_speed_ft":10}]}',
        );
        self::assertSame(['provisional', 2.0], [$answer['state'], $answer['df']]);
        self::assertEqualsWithDelta(1.8, $answer['beta'], 1e-12);
        self::assertEqualsWithDelta(0.1, $answer['sigma'], 1e-12);
        self::assertEqualsWithDelta(0.2, $answer['wanted'][0]['backstroke_m'], 1e-12);
        self::assertEqualsWithDelta(0.2 * 2 ** (1 / 1.8), $answer['wanted'][1]['backstroke_m'], 1e-12);
        $bare = self::answer(
            Kind::StrokeFit,
            '{"putts":[{"backstroke_m":0.2,"roll_m":3,"green_speed_ft":10}],"prior":false}',
        );
        self::assertSame(['none', 1, null], [$bare['state'], $bare['n'], $bare['beta']]);
    }

    public function testAPerfectPlayerAndAHopelessOne(): void
    {
        $outcome = static fn(float $degrees, float $spread, float $pace): array => self::answer(
            Kind::Strokes,
            "{\"green_speed_ft\":10,\"pace_m\":$pace,\"start_line\":{\"bias_deg\":0,\"spread_deg\":$degrees}," .
                "\"distance\":{\"bias\":0,\"spread\":$spread},\"lengths_m\":[5]}",
        )['by_length'][0];
        self::assertEqualsWithDelta(1.0, $outcome(0.0, 0.0, 0.3)['one_putt'], 1e-12);
        self::assertEqualsWithDelta(0.0, $outcome(0.0, 0.0, 0.3)['three_or_more'], 1e-12);
        $wild = $outcome(20.0, 0.5, 0.3);
        self::assertGreaterThan(0.5, $wild['three_or_more']);
        self::assertLessThan(10.0, $wild['expected']);
        self::assertNull($outcome(0.0, 0.0, 12.0)['expected']);
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Contract;

use Amble\Core\Contract\Kind;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Input that cannot be used names its field; questions without an answer are answers. */
final class RefusalsTest extends TestCase
{
    #[DataProvider('unusable')]
    public function testUnusableInputNamesItsField(string $kind, string $json, ?string $field): void
    {
        try {
            Kind::from($kind)->computation()->answer(JsonInput::parse($json));
            self::fail('The input was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($field, $refused->field());
            self::assertMatchesRegularExpression('/^[A-Z].*\.$/s', $refused->getMessage());
        }
    }

    /** @return iterable<array{string, string, string|null}> */
    public static function unusable(): iterable
    {
        $ramp = static fn(string $rest): string => '{"method":"ramp",' . $rest . '}';
        yield ['roll', 'ten feet', null];
        yield ['roll', '[]', null];
        yield ['roll', '{"green_speed_ft":10,', null];
        yield ['green-speed', '{}', 'method'];
        yield ['green-speed', '{"method":"guess"}', 'method'];
        yield ['green-speed', $ramp('"direction_1_m":[],"direction_2_m":null'), 'direction_1_m'];
        yield ['green-speed', $ramp('"direction_1_m":[3,"x"]'), 'direction_1_m.1'];
        yield ['green-speed', $ramp('"direction_1_m":3'), 'direction_1_m'];
        yield ['green-speed', $ramp('"direction_1_m":[3],"direction_2_m":[1e999]'), 'direction_2_m.0'];
        yield ['green-speed', $ramp('"direction_1_m":[3],"ramp_factor":0'), 'ramp_factor'];
        yield ['green-speed', '{"method":"stopwatch"}', 'direction_1'];
        yield [
            'green-speed',
            '{"method":"stopwatch","direction_1":[{"distance_m":5,"time_s":0}]}',
            'direction_1.0.time_s',
        ];
        yield [
            'green-speed',
            '{"method":"stopwatch","direction_1":[{"distance_m":-5,"time_s":4}]}',
            'direction_1.0.distance_m',
        ];
        yield ['green-speed', '{"method":"stopwatch","direction_1":[7]}', 'direction_1.0'];
        yield ['roll', '{"green_speed_ft":"NaN","grade_percent":0,"length_m":6}', 'green_speed_ft'];
        yield ['roll', '{"green_speed_ft":true,"grade_percent":0,"length_m":6}', 'green_speed_ft'];
        yield ['roll', '{"green_speed_ft":10,"grade_percent":0}', 'length_m'];
        yield ['roll', '{"green_speed_ft":10,"length_m":6}', 'grade_percent'];
        $read = static fn(
            string $rest,
        ): string => '{"green_speed_ft":10,"length_m":4,"grade_along_percent":0,"grade_across_percent":0,' .
            $rest .
            '}';
        yield ['read', $read('"pace_m":-0.1'), 'pace_m'];
        yield ['read', $read('"pace_m":0.3,"tier":{"height_m":0.3,"run_m":0,"start_m":1}'), 'tier.run_m'];
        yield ['read', $read('"pace_m":0.3,"tier":{"height_m":0.3,"run_m":1}'), 'tier.start_m'];
        yield ['read', $read('"pace_m":0.3,"grain":{"strength":0.16,"direction_deg":0}'), 'grain.strength'];
        yield ['read', $read('"pace_m":0.3,"grain":"strong"'), 'grain'];
        $putt = '{"backstroke_m":0.2,"roll_m":3,"green_speed_ft":10,"grade_percent":0}';
        yield ['stroke-fit', '{}', 'putts'];
        yield [
            'stroke-fit',
            '{"putts":[' . $putt . ',{"backstroke_m":0,"roll_m":3,"green_speed_ft":10}]}',
            'putts.1.backstroke_m',
        ];
        yield [
            'stroke-fit',
            '{"putts":[{"backstroke_m":0.2,"roll_m":3,"green_speed_ft":10,"grade_percent":-9}]}',
            'putts.0.grade_percent',
        ];
        yield ['stroke-fit', '{"putts":[' . $putt . '],"band":1}', 'band'];
        yield ['stroke-fit', '{"putts":[' . $putt . '],"robust":"yes"}', 'robust'];
        yield ['stroke-fit', '{"putts":[],"wanted":[{"roll_m":-1,"green_speed_ft":10}]}', 'wanted.0.roll_m'];
        yield [
            'stroke-fit',
            '{"putts":[],"predict":[{"backstroke_m":0.2,"green_speed_ft":0}]}',
            'predict.0.green_speed_ft',
        ];
        yield ['direction-fit', '{"putts":[{}]}', 'putts.0'];
        yield ['direction-fit', '{"putts":[{"low_deg":null,"high_deg":null}]}', 'putts.0'];
        yield ['direction-fit', '{"putts":[{"low_deg":1,"high_deg":1}]}', 'putts.0.low_deg'];
        yield ['direction-fit', '{"putts":[],"level":0}', 'level'];
        yield ['distance-control', '{"putts":[]}', 'putts'];
        yield ['distance-control', '{"putts":[{"target_m":6,"stop_m":-0.1}]}', 'putts.0.stop_m'];
        yield ['distance-control', '{"putts":[{"target_m":6,"holed":1,"stop_m":6}]}', 'putts.0.holed'];
        yield ['distance-control', '{"putts":[{"target_m":6,"stop_m":6}],"window":0}', 'window'];
        $player = static fn(
            string $rest,
        ): string => '{"green_speed_ft":10,"pace_m":0.3,"start_line":{"bias_deg":0,"spread_deg":1},"distance":{"bias":0,"spread":0.1},' .
            $rest .
            '}';
        yield ['strokes', $player('"lengths_m":[]'), 'lengths_m'];
        yield ['strokes', $player('"lengths_m":[1,0]'), 'lengths_m.1'];
        yield [
            'strokes',
            '{"green_speed_ft":10,"pace_m":0.3,"start_line":{"bias_deg":0,"spread_deg":1},"lengths_m":[1]}',
            'distance',
        ];
    }

    /**
     * Each leaf of each reference question is replaced in turn by what no green has; the answer is one of
     * finite figures, or a refusal that names a field of the question, and comes at once.
     */
    #[DataProvider('questions')]
    public function testNastyValuesAreRefusedAtTheirFieldOrAnswered(Kind $kind, string $json): void
    {
        $paths = self::leaves(json_decode($json, true, 32, JSON_THROW_ON_ERROR));
        foreach ($paths as $path) {
            foreach ([5e-324, -1, 0, 1e6, 1e308, 0.9999999999999999, 1e-12, 'x', null, [], true] as $value) {
                $changed = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
                self::put($changed, $path, $value);
                try {
                    $answer = $kind
                        ->computation()
                        ->answer(JsonInput::parse(json_encode($changed, JSON_THROW_ON_ERROR)));
                    array_walk_recursive(
                        $answer,
                        static fn(mixed $figure) => self::assertFalse(is_float($figure) && is_nan($figure)),
                    );
                } catch (InvalidInput $refused) {
                    $at = implode('.', $path);
                    $named = (string) $refused->field();
                    $knows = static fn(array $known): bool => str_starts_with(
                        (string) preg_replace('/\d+/', '*', implode('.', $known) . '.'),
                        (string) preg_replace('/\d+/', '*', "$named."),
                    );
                    self::assertNotSame(
                        [],
                        array_filter([$path, ...$paths], $knows),
                        "$at: $named is no field of the question",
                    );
                }
            }
        }
    }

    /** @return iterable<string, array{Kind, string}> the shortest question of each kind, and of each shape of it */
    public static function questions(): iterable
    {
        $putt = '{"backstroke_m":0.2,"roll_m":3,"green_speed_ft":10,"grade_percent":1}';
        yield 'ramp' => [
            Kind::GreenSpeed,
            '{"method":"ramp","direction_1_m":[2.9,3],"direction_2_m":[3.1],"ramp_factor":1}',
        ];
        yield 'one way' => [Kind::GreenSpeed, '{"method":"ramp","direction_1_m":[],"direction_2_m":[3.1]}'];
        yield 'stopwatch' => [
            Kind::GreenSpeed,
            '{"method":"stopwatch","direction_1":[{"distance_m":5.1,"time_s":4.2}],"direction_2":[{"distance_m":5,"time_s":4}]}',
        ];
        yield 'roll' => [Kind::Roll, '{"green_speed_ft":10,"grade_percent":2,"length_m":6}'];
        yield 'read' => [
            Kind::Read,
            '{"green_speed_ft":10,"length_m":4,"grade_along_percent":1,"grade_across_percent":2,"pace_m":0.3,"tier":{"height_m":0.3,"run_m":1.2,"start_m":2.5},"grain":{"strength":0.1,"direction_deg":90}}',
        ];
        yield 'stroke' => [
            Kind::StrokeFit,
            "{\"putts\":[$putt,$putt,{\"backstroke_m\":0.3,\"roll_m\":6,\"green_speed_ft\":9}],\"prior\":{\"beta\":1.7,\"lambda\":0.4,\"sigma\":0.1,\"nu\":6},\"band\":0.8,\"predict\":[{\"backstroke_m\":0.25,\"green_speed_ft\":9,\"grade_percent\":0}],\"wanted\":[{\"roll_m\":6,\"green_speed_ft\":9,\"grade_percent\":0}]}",
        ];
        yield 'direction' => [
            Kind::DirectionFit,
            '{"putts":[{"low_deg":-0.8,"high_deg":0.8},{"low_deg":null,"high_deg":-0.8},{"exact_deg":0.4}],"level":0.8}',
        ];
        yield 'distance' => [
            Kind::DistanceControl,
            '{"putts":[{"target_m":6,"stop_m":5.7},{"target_m":6,"at_least_m":6.4},{"target_m":3,"stop_m":3.1},{"target_m":6,"holed":true,"stop_m":6.2}],"window":0.1,"level":0.8}',
        ];
        yield 'today' => [
            Kind::Today,
            '{"students":[{"errors":[-0.08,0.02],"at_least":[0.05],"usual":{"bias":0.01,"se":0.02},"spread":0.09},{"errors":[0.01],"usual":null,"spread":null}],"day_to_day":0.05}',
        ];
        $student = '{"beta":1.8,"se_beta":0.1,"sigma":0.1,"df":30}';
        yield 'workspace prior' => [Kind::WorkspacePrior, "{\"students\":[$student,$student,$student]}"];
        yield 'session offset' => [
            Kind::SessionOffset,
            "{\"sessions\":[[$putt,$putt],[$putt]],\"today\":[$putt],\"day_to_day\":0.08}",
        ];
        $atTarget = '{"backstroke_m":0.2,"roll_m":3,"green_speed_ft":10,"grade_percent":1,"target_m":3.1}';
        yield 'scatter source' => [
            Kind::ScatterSource,
            "{\"line\":{\"alpha\":2.5,\"beta\":1.7},\"putts\":[$atTarget,$atTarget,$atTarget]}",
        ];
        yield 'change' => [
            Kind::Change,
            '{"sessions":[{"value":0.1,"se":0.02},{"value":0.2,"se":0.03}],"earlier":1,"day_to_day":0.05}',
        ];
        yield 'within session' => [
            Kind::WithinSession,
            '{"balls":[' .
            implode(
                ',',
                array_map(
                    static fn(int $i): string => sprintf('{"error":%s,"station":"a"}', 0.01 * ($i % 3)),
                    range(1, 16),
                ),
            ) .
            ']}',
        ];
        yield 'strokes' => [
            Kind::Strokes,
            '{"green_speed_ft":10,"pace_m":0.3,"start_line":{"bias_deg":0,"spread_deg":1},"distance":{"bias":0,"spread":0.08},"lengths_m":[1,6]}',
        ];
    }

    /** @return list<list<int|string>> */
    private static function leaves(mixed $value): array
    {
        if (!is_array($value) || $value === []) {
            return [[]];
        }
        $leaves = [];
        foreach ($value as $key => $part) {
            foreach (self::leaves($part) as $leaf) {
                $leaves[] = [$key, ...$leaf];
            }
        }

        return $leaves;
    }

    /** @param list<int|string> $path */
    private static function put(mixed &$value, array $path, mixed $new): void
    {
        foreach ($path as $key) {
            $value = &$value[$key];
        }
        $value = $new;
    }

    public function testWhatHasNoAnswerIsAnAnswer(): void
    {
        $answer = static fn(Kind $kind, string $json): array => $kind->computation()->answer(JsonInput::parse($json));
        $none = $answer(
            Kind::StrokeFit,
            '{"putts":[],"predict":[{"backstroke_m":0.2,"green_speed_ft":9}],"wanted":[{"roll_m":6,"green_speed_ft":9}]}',
        );
        self::assertSame(
            ['none', [null], [null], []],
            [$none['state'], $none['predictions'], $none['wanted'], $none['weights']],
        );
        $steep = $answer(
            Kind::StrokeFit,
            '{"putts":[{"backstroke_m":0.2,"roll_m":3,"green_speed_ft":10}],' .
                '"predict":[{"backstroke_m":0.2,"green_speed_ft":12,"grade_percent":-9}],"wanted":[{"roll_m":6,"green_speed_ft":12,"grade_percent":-9}]}',
        );
        self::assertNull($steep['predictions'][0]['roll_m']);
        self::assertNull($steep['wanted'][0]['backstroke_m']);
        $holed = $answer(Kind::DistanceControl, '{"putts":[{"target_m":6,"holed":true,"stop_m":null}]}');
        self::assertSame(
            [1, 0, null, null, 1.0],
            [$holed['n'], $holed['n_measured'], $holed['bias'], $holed['spread'], $holed['inside_share'] * 1.0],
        );
        self::assertSame('none', $answer(Kind::DirectionFit, '{"putts":[]}')['state']);
        $tooFast = $answer(
            Kind::Strokes,
            '{"green_speed_ft":10,"pace_m":9,"start_line":{"bias_deg":0,"spread_deg":0.5},"distance":{"bias":0,"spread":0},"lengths_m":[0.1,3]}',
        );
        self::assertNull($tooFast['by_length'][1]['expected']);
        self::assertEqualsWithDelta(1.0, $tooFast['by_length'][0]['expected'], 1e-12);
    }

    public function testBoundariesCountAsReached(): void
    {
        $answer = static fn(Kind $kind, string $json): array => $kind->computation()->answer(JsonInput::parse($json));
        // 3.0 m and 3.2032 m lie exactly 8 in apart, and 5.4 m is exactly a tenth short of 6 m.
        self::assertSame(
            [],
            $answer(Kind::GreenSpeed, '{"method":"ramp","direction_1_m":[3.0,3.2032],"direction_2_m":[3.1,3.1]}')[
                'warnings'
            ],
        );
        self::assertSame(
            1.0,
            1.0 * $answer(Kind::DistanceControl, '{"putts":[{"target_m":6,"stop_m":5.4}]}')['inside_share'],
        );
        $short = $answer(
            Kind::GreenSpeed,
            '{"method":"stopwatch","direction_1":[{"distance_m":5,"time_s":3},{"distance_m":5,"time_s":3}]}',
        );
        self::assertSame(['one_direction'], $short['warnings']);
        $lengths = implode(
            ',',
            array_map(static fn(float $b): string => '{"backstroke_m":' . $b . ',"roll_m":3,"green_speed_ft":10}', [
                0.2,
                0.22,
                0.24,
                0.2,
                0.22,
                0.24,
            ]),
        );
        self::assertSame('fitted', $answer(Kind::StrokeFit, '{"putts":[' . $lengths . ']}')['state']);
    }
}

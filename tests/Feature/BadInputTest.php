<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\GreenSpeedMeasurement;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use App\Models\Student;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Bad input at every field of the walk: a sentence at the field, and nothing written. */
final class BadInputTest extends TestCase
{
    /** @param array<string, mixed> $body */
    #[DataProvider('bad')]
    public function testItIsRefusedAtItsField(string $method, string $path, array $body, string $field): void
    {
        $coach = $this->coach();
        $session = $this->practiceSession($coach, $this->student($coach), $this->green($coach));
        $before = $session->fresh()?->attributesToArray();
        $answer = $this->actingAs($coach)->json($method, 'api/' . str_replace('{session}', $session->id, $path), $body);
        $answer->assertStatus(422)->assertJsonValidationErrors($field);
        self::assertMatchesRegularExpression('/^[A-Z].*\.$/', (string) $answer->json('errors')[$field][0]);
        self::assertSame($before, PracticeSession::query()->sole()->attributesToArray());
        self::assertSame(
            [1, 0, 0],
            [Student::query()->count(), GreenSpeedMeasurement::query()->count(), SessionEventRecord::query()->count()],
        );
    }

    /** @return iterable<string, array{string, string, array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        foreach (
            [
                'name' => '',
                'hand' => 'both',
                'level' => 9,
                'stride_m' => 'long',
                'finish_past_m' => -0.1,
                'school' => null,
            ]
            as $field => $value
        ) {
            yield "student $field" => ['POST', 'students', self::studentCard([$field => $value]), $field];
        }
        yield 'student name, huge' => ['POST', 'students', self::studentCard(['name' => str_repeat('x', 500)]), 'name'];
        yield 'student paces without a pace' => [
            'POST',
            'students',
            self::studentCard(['unit' => 'paces']),
            'stride_m',
        ];
        yield 'green without a name' => ['POST', 'greens', ['name' => ' ', 'surface' => 'grass'], 'name'];
        yield 'session with a made-up id' => ['POST', 'sessions', ['id' => 'one'], 'id'];
        foreach ([0, -5, 100_000, 'an hour', 1.5] as $minutes) {
            yield "minutes $minutes" => ['PATCH', 'sessions/{session}', ['minutes' => $minutes], 'minutes'];
        }
        foreach (['conditions' => ['dew'], 'stations' => [], 'dismissed_insights' => ['x']] as $field => $value) {
            yield "$field by an older app" => ['PATCH', 'sessions/{session}', [$field => $value], $field];
        }
        $event = static fn(array $fields): array => [
            'events' => [array_diff_key(self::putt($fields), array_flip(['backstroke_m', 'roll_m', 'stop']))],
        ];
        yield 'condition unheard of' => [
            'POST',
            'sessions/{session}/events',
            $event(['type' => 'condition_noted', 'condition' => 'lava']),
            'events.0.condition',
        ];
        foreach ([0, -3, 1e9, 'far'] as $length) {
            yield "station of $length" => [
                'POST',
                'sessions/{session}/events',
                $event(['type' => 'station_set', 'station_id' => 'x', 'length_m' => $length, 'said' => 'x']),
                'events.0.length_m',
            ];
        }
        yield 'a drill with nothing in it' => [
            'POST',
            'drills/setup',
            ['id' => '01M4G0000000000000000000AA', 'drill' => new \stdClass()],
            'drill.target',
        ];
        yield 'station on a cliff' => [
            'POST',
            'sessions/{session}/events',
            $event([
                'type' => 'station_set',
                'station_id' => 'x',
                'length_m' => 3,
                'said' => 'x',
                'grade_percent' => 40,
            ]),
            'events.0.grade_percent',
        ];
        yield 'seen what nobody can see' => [
            'POST',
            'sessions/{session}/events',
            ['events' => [self::putt(['version' => 2, 'seen' => ['aura' => 'green']])]],
            'events.0.seen.aura',
        ];
        yield 'seen with no answer of its own' => [
            'POST',
            'sessions/{session}/events',
            ['events' => [self::putt(['version' => 2, 'seen' => ['strike' => 'shank']])]],
            'events.0.seen.strike',
        ];
        yield 'a version yet to come' => [
            'POST',
            'sessions/{session}/events',
            ['events' => [self::putt(['version' => 9])]],
            'events.0.version',
        ];
        $reading = static fn(array $rest): array => ['id' => '01M4G0000000000000000000AA'] + $rest;
        foreach (['3.1', 0, -1, 1e12, 'x', null] as $roll) {
            yield 'ramp roll ' . json_encode($roll) => [
                'PUT',
                'sessions/{session}/green-speed',
                $reading(['method' => 'ramp', 'direction_1_m' => [3, $roll]]),
                'direction_1_m.1',
            ];
        }
        yield 'ramp with no roll' => [
            'PUT',
            'sessions/{session}/green-speed',
            $reading(['method' => 'ramp']),
            'direction_1_m',
        ];
        yield 'stopwatch, no time' => [
            'PUT',
            'sessions/{session}/green-speed',
            $reading(['method' => 'stopwatch', 'direction_2' => [['distance_m' => 5]]]),
            'direction_2.0.time_s',
        ];
        yield 'stopwatch, time of 0' => [
            'PUT',
            'sessions/{session}/green-speed',
            $reading(['method' => 'stopwatch', 'direction_1' => [['distance_m' => 5, 'time_s' => 0]]]),
            'direction_1.0.time_s',
        ];
        foreach ([null, 0, -9, 400, 'quick'] as $speed) {
            yield 'estimate ' . json_encode($speed) => [
                'PUT',
                'sessions/{session}/green-speed',
                $reading(['method' => 'estimated', 'speed_ft' => $speed]),
                'speed_ft',
            ];
        }
        yield 'method unheard of' => [
            'PUT',
            'sessions/{session}/green-speed',
            $reading(['method' => 'guess']),
            'method',
        ];
        $events = static fn(array ...$putts): array => ['events' => array_map(self::putt(...), $putts)];
        foreach ([0, -0.2, 1e7, 'long', []] as $value) {
            yield 'backstroke ' . json_encode($value) => [
                'POST',
                'sessions/{session}/events',
                $events([], ['backstroke_m' => $value]),
                'events.1.backstroke_m',
            ];
            yield 'roll ' . json_encode($value) => [
                'POST',
                'sessions/{session}/events',
                $events([], ['roll_m' => $value]),
                'events.1.roll_m',
            ];
        }
        yield 'no roll, not holed' => [
            'POST',
            'sessions/{session}/events',
            $events([], ['roll_m' => null, 'stop' => 'edge']),
            'events.1.roll_m',
        ];
        yield 'stop unheard of' => ['POST', 'sessions/{session}/events', $events(['stop' => 'bird']), 'events.0.stop'];
        yield 'type unheard of' => ['POST', 'sessions/{session}/events', $events(['type' => 'drop']), 'events.0.type'];
        yield 'correction of nothing' => [
            'POST',
            'sessions/{session}/events',
            $events(['type' => 'putt_corrected']),
            'events.0.putt_id',
        ];
        yield 'no events' => ['POST', 'sessions/{session}/events', ['events' => []], 'events'];
        yield 'other speed of 0' => ['GET', 'sessions/{session}/stroke/what-if?speed_m=0', [], 'speed_m'];
    }

    public function testTheSameBallInOtherLettersIsNoOtherBall(): void
    {
        $coach = $this->coach();
        $session = $this->practiceSession($coach);
        $ball = self::putt();
        $this->actingAs($coach)
            ->postJson("api/sessions/$session->id/events", ['events' => [$ball]])
            ->assertSuccessful();
        $this->postJson("api/sessions/$session->id/events", [
            'events' => [['id' => strtolower((string) $ball['id'])] + $ball],
        ])->assertJsonValidationErrors('events.0.id');
        $this->getJson("api/sessions/$session->id")->assertJsonCount(1, 'putts');
    }
}

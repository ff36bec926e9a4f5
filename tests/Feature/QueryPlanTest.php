<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** No request walks through a whole table: every query of every route is explained by the database. */
final class QueryPlanTest extends TestCase
{
    /** Of these there are a handful at most: the accounts, and what the framework keeps for itself. */
    private const SMALL = ['coaches', 'memberships', 'workspaces', 'migrations'];

    /** Rows an inner query already narrowed. */
    private const DERIVED = ['latestReading'];

    protected function setUp(): void
    {
        parent::setUp();
        if (DB::getDriverName() !== 'sqlite') {
            self::markTestSkipped('Plans are read as SQLite tells them.');
        }
    }

    public function testNoQueryScans(): void
    {
        $coach = $this->coach();
        [$student, $guest] = [$this->student($coach), $this->student($coach)];
        $session = $this->practiceSession($coach, $student, $this->green($coach));
        $path = "api/sessions/$session->id";
        $run = (string) Str::ulid();
        $drill = [
            'key' => 'gate',
            'name' => 'Gate',
            'stations' => [['length_m' => 3]],
            'target' => 'hole',
            'balls_per_station' => 4,
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => 0.1, 'distance_m' => 0.5],
            'end' => ['kind' => 'all_stations'],
            'cap' => ['balls' => 9],
        ];
        $this->actingAs($coach);
        $queries = [];
        DB::listen(static function (QueryExecuted $query) use (&$queries): void {
            $queries[$query->sql] = $query->bindings;
        });
        $ball = self::putt(['target_m' => 4]);
        foreach (
            [
                ['PUT', "$path/green-speed", ['id' => (string) Str::ulid(), 'method' => 'estimated', 'speed_ft' => 10]],
                ['POST', "$path/runs", ['id' => $run, 'drill' => $drill, 'students' => [$student->id, $guest->id]]],
                [
                    'POST',
                    "$path/events",
                    [
                        'events' => [
                            $ball,
                            self::putt(['run_id' => $run, 'student' => $guest->id, 'gate' => 'left']),
                            self::putt(['target_m' => 3]),
                        ],
                    ],
                ],
                [
                    'POST',
                    "$path/runs/$run/events",
                    ['events' => [self::putt(['student' => $student->id, 'gate' => 'through'])]],
                ],
                ['GET', $path, []],
                ['GET', "$path/runs/$run", []],
                ['GET', "$path/balls/{$ball['id']}", []],
                ['GET', "$path/stroke", []],
                ['GET', "$path/stroke/what-if?speed_m=3", []],
                ['GET', 'api/today', []],
                ['GET', 'api/me', []],
                ['GET', 'api/drills', []],
                ['GET', 'api/drills/fitting?minutes=10', []],
                ['POST', 'api/drills/setup', ['id' => $run, 'drill' => $drill, 'session_id' => $session->id]],
                ['POST', 'api/drills', ['drill' => $drill]],
                ['GET', 'api/drills/export', []],
                ['POST', 'api/sessions', ['id' => (string) Str::ulid(), 'student_id' => $student->id]],
                ['PATCH', $path, ['student_id' => $guest->id]],
                ['PATCH', $path, ['ended' => true]],
                ['POST', 'api/students', self::studentCard()],
                ['PUT', "api/students/$student->id", self::studentCard()],
                ['POST', 'api/greens', ['name' => 'G', 'surface' => 'mat']],
                ['GET', 'api/sessions', []],
                ['GET', "api/sessions?student_id=$guest->id&before=2040-01-01", []],
                ['GET', "api/sessions?green_id=$session->green_id", []],
                ['GET', "$path/review", []],
                ['GET', "api/students/$student->id/review", []],
                ['GET', "api/students/$student->id/trend", []],
                ['GET', "api/students/$student->id/comparison?with[]=$guest->id", []],
                [
                    'POST',
                    "api/students/$student->id/rounds",
                    [
                        'id' => (string) Str::ulid(),
                        'played_on' => '2026-11-01',
                        'is_from_memory' => true,
                        'holes' => [['putts' => 2]],
                    ],
                ],
                ['POST', 'api/benchmarks', ['figure' => 'putts_per_18', 'value' => 33, 'source' => 'A count']],
                ['GET', "api/students/$student->id/rounds", []],
                ['GET', "api/students/$student->id/stakes", []],
                ['PUT', "api/students/$student->id/current-goals", ['goal' => 'Beat']],
                ['GET', "api/students/$student->id/current-goals", []],
                ['GET', "api/students/$student->id/take-home-card", []],
                ['PUT', "api/students/$student->id/take-home-card", ['work_on' => 'Beat']],
                ['POST', "api/students/$student->id/take-home-card/link", ['days' => 7]],
                ['DELETE', "api/students/$guest->id", []],
                ['DELETE', $path, []],
                ['GET', 'api/deleted', []],
                ['POST', "$path/restore", []],
                ['POST', "api/students/$guest->id/restore", []],
            ]
            as [$method, $uri, $body]
        ) {
            $this->json($method, $uri, $body)->assertSuccessful();
        }
        self::assertGreaterThan(40, count($queries));
        $scans = [];
        foreach ($queries as $sql => $bindings) {
            if (preg_match('/^(select|update|delete|insert)/i', $sql) !== 1) {
                continue;
            }
            foreach (DB::select("explain query plan $sql", $bindings) as $step) {
                if (
                    preg_match('/^SCAN (\w+)/', $step->detail, $found) === 1 &&
                    !in_array($found[1], [...self::SMALL, ...self::DERIVED], true) &&
                    !str_contains($step->detail, 'CONSTANT ROW')
                ) {
                    $scans[] = "$step->detail: $sql";
                }
            }
        }
        self::assertSame([], $scans);
    }

    public function testABatchOfFiftyEventsMakesNoMoreQueriesThanOne(): void
    {
        $coach = $this->coach();
        $session = $this->practiceSession($coach, $this->student($coach), $this->green($coach));
        $count = function (int $events) use ($coach, $session): int {
            $made = 0;
            DB::listen(static function () use (&$made): void {
                ++$made;
            });
            $this->actingAs($coach)
                ->postJson("api/sessions/$session->id/events", [
                    'events' => array_map(static fn(): array => self::putt(), range(1, $events)),
                ])
                ->assertSuccessful();

            return $made;
        };
        $one = $count(1);
        self::assertLessThanOrEqual($one, $count(50));
        self::assertLessThan(20, $one);
    }
}

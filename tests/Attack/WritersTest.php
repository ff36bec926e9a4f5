<?php

declare(strict_types=1);

namespace Tests\Attack;

use App\Models\Coach;
use App\Models\PracticeSession;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Password;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/**
 * Several devices write at once, each a process of its own on one database file: nothing fails, is lost or made twice.
 */
final class WritersTest extends TestCase
{
    private const AT_ONCE = 4;
    private const BALLS = 12;

    private string $file;

    protected function setUp(): void
    {
        $this->file = tempnam(sys_get_temp_dir(), 'amble-') . '.sqlite';
        touch($this->file);
        putenv("DB_DATABASE=$this->file");
        $_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $this->file;
        parent::setUp();
    }

    /** The database is a file that other processes see: no transaction is held over it. */
    public function refreshDatabase(): void
    {
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
    }

    protected function tearDown(): void
    {
        DB::purge();
        parent::tearDown();
        putenv('DB_DATABASE=:memory:');
        $_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = ':memory:';
        array_map(unlink(...), glob("$this->file*") ?: []);
    }

    /**
     * @param list<list<array{string, string, array<string, mixed>}>> $devices requests of each
     *
     * @return list<int> every status there was
     */
    private function atOnce(Coach $coach, array $devices): array
    {
        $begin = microtime(true) + 1.5;
        $running = [];
        foreach ($devices as $requests) {
            $task = tempnam(sys_get_temp_dir(), 'amble-');
            file_put_contents(
                (string) $task,
                json_encode(['coach' => $coach->id, 'begin' => $begin, 'requests' => $requests], JSON_THROW_ON_ERROR),
            );
            $environment =
                [
                    'DB_DATABASE' => $this->file,
                    'CACHE_STORE' => 'array',
                    'SESSION_DRIVER' => 'array',
                    'APP_ENV' => 'testing',
                    'DB_SYNCHRONOUS' => 'OFF',
                ] + getenv();
            $pipes = [];
            $process = proc_open(
                [PHP_BINARY, __DIR__ . '/writer.php', (string) $task],
                [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
                $pipes,
                null,
                $environment,
            );
            $running[] = [$process, $pipes, (string) $task];
        }
        $statuses = [];
        foreach ($running as [$process, $pipes, $task]) {
            [$out, $error] = [stream_get_contents($pipes[1]), stream_get_contents($pipes[2])];
            self::assertSame(0, proc_close($process), "$out $error");
            self::assertJson((string) $out, "$out|$error");
            $statuses = [...$statuses, ...json_decode((string) $out, true, 4, JSON_THROW_ON_ERROR)];
            unlink($task);
        }

        return $statuses;
    }

    /** Each logs to a session of their own, and all to one: every event of every device is there once. */
    public function testFourDevicesLogAtOnceAndEveryBallIsThereOnce(): void
    {
        $coach = $this->coach();
        $shared = $this->practiceSession($coach, $this->student($coach), $this->green($coach));
        $devices = [];
        for ($device = 0; $device < self::AT_ONCE; ++$device) {
            $own = $this->practiceSession($coach, $this->student($coach));
            $devices[] = array_map(
                static fn(int $i): array => [
                    'POST',
                    'api/sessions/' . ($i % 2 === 0 ? $own->id : $shared->id) . '/events',
                    ['events' => [self::putt()]],
                ],
                range(1, self::BALLS),
            );
        }
        $statuses = $this->atOnce($coach, $devices);
        self::assertSame([200 => self::AT_ONCE * self::BALLS], array_count_values($statuses));
        self::assertSame(self::AT_ONCE * self::BALLS, DB::table('session_events')->count());
        self::assertSame(self::AT_ONCE * self::BALLS, DB::table('balls')->count());
    }

    /**
     * @param \Closure(string, PracticeSession): array{string, string, array<string, mixed>} $request of an id
     */
    #[DataProvider('creates')]
    public function testTheSameRecordSentFourTimesAtOnceIsMadeOnce(string $table, \Closure $request): void
    {
        $coach = $this->coach();
        $session = $this->practiceSession($coach, $this->student($coach), $this->green($coach));
        $before = DB::table($table)->count();
        $requests = array_map(static fn(): array => $request((string) Str::ulid(), $session), range(1, 6));
        $statuses = $this->atOnce($coach, array_fill(0, self::AT_ONCE, $requests));
        self::assertSame([], array_filter($statuses, static fn(int $status): bool => $status >= 300));
        self::assertSame($before + count($requests), DB::table($table)->count());
    }

    public function testALinkToANewPasswordSentFourTimesAtOnceWorksOnce(): void
    {
        $coach = $this->coach();
        // As long to check as where it is used: all four look at it before the first has used it up.
        Hash::driver('bcrypt')->setRounds(12);
        $token = Password::createToken($coach);
        $devices = array_map(
            static fn(int $device): array => [
                [
                    'POST',
                    'api/password-reset/new',
                    ['email' => $coach->email, 'token' => $token, 'password' => "a new password $device"],
                ],
            ],
            range(1, self::AT_ONCE),
        );
        $statuses = array_count_values($this->atOnce($coach, $devices));
        self::assertSame(1, $statuses[204] ?? 0);
        self::assertSame(self::AT_ONCE - 1, $statuses[422] ?? 0);
    }

    /**
     * @return iterable<string, array{string, \Closure(string, PracticeSession): array{string, string, array<string, mixed>}}>
     */
    public static function creates(): iterable
    {
        yield 'sessions' => [
            'practice_sessions',
            static fn(string $id): array => ['POST', 'api/sessions', ['id' => $id]],
        ];
        yield 'students' => [
            'students',
            static fn(string $id): array => ['POST', 'api/students', ['id' => $id] + self::studentCard()],
        ];
        yield 'readings' => [
            'green_speed_measurements',
            static fn(string $id, PracticeSession $session): array => [
                'PUT',
                "api/sessions/$session->id/green-speed",
                ['id' => $id, 'method' => 'unknown'],
            ],
        ];
        yield 'runs' => [
            'drill_runs',
            static fn(string $id, PracticeSession $session): array => [
                'POST',
                "api/sessions/$session->id/runs",
                ['id' => $id, 'drill' => self::drill()],
            ],
        ];
        yield 'drills' => [
            'drills',
            static fn(string $id): array => ['POST', 'api/drills', ['id' => $id, 'drill' => self::drill()]],
        ];
        yield 'putters' => [
            'putters',
            static fn(string $id, PracticeSession $session): array => [
                'POST',
                "api/students/$session->student_id/putters",
                ['id' => $id, 'name' => "Blade $id"],
            ],
        ];
    }

    /** @return array<string, mixed> one that ships */
    private static function drill(): array
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/core/drills/library.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );

        return $library['drills'][0];
    }
}

<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Coach;
use App\Models\Green;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Base of the HTTP tests: a fresh database in memory, and short ways to a coach and their records. */
abstract class TestCase extends FrameworkTestCase
{
    use HoldsToContract;
    use RefreshDatabase;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__ . '/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    /**
     * @param string $method
     * @param string $uri
     * @param array<string, mixed> $parameters
     * @param array<string, mixed> $cookies
     * @param array<string, mixed> $files
     * @param array<string, mixed> $server
     * @param string|null $content
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function call(
        $method,
        $uri,
        $parameters = [],
        $cookies = [],
        $files = [],
        $server = [],
        $content = null,
    ): TestResponse {
        $answer = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        self::holdToContract($method, $answer->baseRequest, $answer);

        return $answer;
    }

    /**
     * Another coach begins without what the session knows of the one before.
     *
     * @param \Illuminate\Contracts\Auth\Authenticatable $user
     * @param string|null $guard
     */
    public function actingAs($user, $guard = null): static
    {
        session()->forget('password_hash_web');

        return parent::actingAs($user, $guard);
    }

    protected function coach(string $email = 'hedda@example.test'): Coach
    {
        return Coach::query()->create(['name' => 'Hedda', 'email' => $email, 'password' => 'a long password']);
    }

    protected function student(Coach $coach): Student
    {
        return $coach->students()->create(self::studentCard());
    }

    protected function green(Coach $coach, string $surface = 'grass'): Green
    {
        return $coach->greens()->create(['name' => "The $surface", 'surface' => $surface]);
    }

    protected function practiceSession(Coach $coach, ?Student $student = null, ?Green $green = null): PracticeSession
    {
        return $coach->practiceSessions()->create([
            'student_id' => $student?->id,
            'green_id' => $green?->id,
            'started_at' => now(),
        ]);
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    protected static function studentCard(array $with = []): array
    {
        return $with + [
            'name' => 'Tobin',
            'hand' => 'right',
            'level' => 'club',
            'unit' => 'feet',
            'stride_m' => null,
            'finish_past_m' => 0.3,
            'putter' => null,
            'school' => 'rule',
        ];
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    protected static function putt(array $with = []): array
    {
        return $with + [
            'id' => (string) Str::ulid(),
            'type' => 'putt_logged',
            'at_ms' => (int) now()->getTimestampMs(),
            'backstroke_m' => 0.25,
            'roll_m' => 4.2,
            'stop' => 'free',
        ];
    }
}

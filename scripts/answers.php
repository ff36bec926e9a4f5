<?php

/**
 * Prints every answer that the API gives of the demo, by path: run before and after a change that must not change
 * answers, and compare the two.
 *
 *   php scripts/answers.php > answers.json
 */

declare(strict_types=1);

use App\Demo\DemoSeeder;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

foreach (
    ['DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => ':memory:', 'CACHE_STORE' => 'array', 'SESSION_DRIVER' => 'array']
    as $name => $value
) {
    putenv("$name=$value");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require dirname(__DIR__) . '/vendor/autoload.php';
$app = require dirname(__DIR__) . '/bootstrap/app.php';
$app->make(Console::class)->bootstrap();
$now = CarbonImmutable::parse('2026-11-23 10:00');
CarbonImmutable::setTestNow($now);
Carbon::setTestNow($now);
$app->make(Console::class)->call('migrate', ['--force' => true]);
$coach = $app->make(DemoSeeder::class)->seed($now);
Auth::login($coach);

$ids = static fn(string $table): array => DB::table($table)->orderBy('id')->limit(12)->pluck('id')->all();
$known = [
    'student' => $ids('students'),
    'green' => $ids('greens'),
    'session' => $ids('practice_sessions'),
    'device' => ['ramp', 'level'],
];
$runs = DB::table('drill_runs')
    ->orderBy('id')
    ->limit(8)
    ->get(['id', 'practice_session_id']);
$balls = DB::table('balls')
    ->orderBy('id')
    ->limit(8)
    ->get(['id', 'practice_session_id']);
$paths = [];
foreach (Route::getRoutes() as $route) {
    $uri = $route->uri();
    if (
        !in_array('GET', $route->methods(), true) ||
        !str_starts_with($uri, 'api/') ||
        preg_match('#\{(any|link|token|key|read|set|drill)\}|readings$#', $uri) === 1
    ) {
        continue;
    }
    $paths = [
        ...$paths,
        ...match (true) {
            str_contains($uri, '{run}') => $runs
                ->map(
                    static fn(stdClass $run): string => strtr($uri, [
                        '{session}' => $run->practice_session_id,
                        '{run}' => $run->id,
                    ]),
                )
                ->all(),
            str_contains($uri, '{ball}') => $balls
                ->map(
                    static fn(stdClass $ball): string => strtr($uri, [
                        '{session}' => $ball->practice_session_id,
                        '{ball}' => $ball->id,
                    ]),
                )
                ->all(),
            preg_match('#\{(\w+)\}#', $uri, $name) === 1 => array_map(
                static fn(string $id): string => strtr($uri, [$name[0] => $id]),
                $known[$name[1]] ?? [],
            ),
            default => [$uri],
        },
    ];
}
$answers = [];
foreach ($paths as $path) {
    $response = $app
        ->make(Kernel::class)
        ->handle(Request::create("/$path", 'GET', server: ['HTTP_ACCEPT' => 'application/json']));
    $answers[$path] = [
        'status' => $response->getStatusCode(),
        'body' => json_decode((string) $response->getContent(), true),
    ];
}
ksort($answers);
echo json_encode($answers, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);

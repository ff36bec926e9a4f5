<?php

declare(strict_types=1);

/**
 * One coach's device in a process of its own: sends requests to the app one after another and prints each answer's
 * status.
 *
 *   php tests/Attack/writer.php REQUESTS.json   DB_DATABASE names the database
 *
 * The file holds the coach's id, the Unix time to begin at in seconds, and a list of [method, path, body].
 */

use App\Models\Coach;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

require __DIR__ . '/../../vendor/autoload.php';
/** @var Application $app */
$app = require __DIR__ . '/../../bootstrap/app.php';
/** @var array{coach: string, begin: float, requests: list<array{string, string, array<string, mixed>}>} $task */
$task = json_decode((string) file_get_contents($argv[1]), true, 32, JSON_THROW_ON_ERROR);
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
$coach = Coach::query()->findOrFail($task['coach']);
time_sleep_until(max($task['begin'], microtime(true) + 0.001));
$statuses = [];
foreach ($task['requests'] as [$method, $path, $body]) {
    $request = Request::create(
        "/$path",
        $method,
        [],
        [],
        [],
        ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        json_encode($body, JSON_THROW_ON_ERROR),
    );
    $app->instance('request', $request);
    Auth::setUser($coach);
    $statuses[] = $kernel->handle($request)->getStatusCode();
}
echo json_encode($statuses, JSON_THROW_ON_ERROR);

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Bench;
use App\Models\Coach;
use App\Models\OwnedRecord;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * Keeps an answer that takes long to work out until anything it rests on changes: a ball, a reading or a round of the
 * bench, the record it is about, or the coach's own settings.
 */
final class KeepAnswer
{
    private const HOURS = 12;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $coach = $request->user();
        $record = $request->route('student') ?? $request->route('session');
        if (!$coach instanceof Coach || !$record instanceof OwnedRecord) {
            return $next($request);
        }
        $key = 'answer ' . hash('xxh128', serialize([
            $request->path(), $request->query(), Bench::evidenceVersion($record->bench_id), $coach->getAttributes(), $record->getAttributes(),
        ]));
        $kept = Cache::get($key);
        if (is_string($kept)) {
            return JsonResponse::fromJsonString($kept);
        }
        $response = $next($request);
        if ($response->isSuccessful()) {
            Cache::put($key, (string) $response->getContent(), CarbonImmutable::now()->addHours(self::HOURS));
        }

        return $response;
    }
}

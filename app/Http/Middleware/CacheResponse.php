<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Coach;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Models\WorkspaceModel;
use App\Reports\CacheKey;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * Keeps an answer that takes long to work out until anything it rests on changes: a ball, a reading or a round of the
 * workspace, the record it is about, or the coach's own settings.
 */
final class CacheResponse
{
    private const HOURS = 12;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $coach = $request->user();
        $record = $request->route('student') ?? $request->route('session');
        if (!($coach instanceof Coach) || !($record instanceof WorkspaceModel)) {
            return $next($request);
        }
        $key = CacheKey::of(
            'answer',
            $record->workspace_id,
            [$coach, $record, ...self::students($request, $record)],
            [$request->path(), $request->query()],
        );
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

    /** @return list<Student|null> whose figures the answer tells, besides the record itself */
    private static function students(Request $request, WorkspaceModel $record): array
    {
        $named = $request->query('student');

        return [
            $record instanceof PracticeSession ? $record->student : null,
            is_string($named) ? Student::withTrashed()->find($named) : null,
        ];
    }
}

<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Http\Request;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Every JSON answer of a test is held against the schema of its route; a route without one fails. */
trait HoldsToContract
{
    /** Schema of what each route answers; one in brackets is a list of such. */
    private const ANSWERS = [
        'GET api/health' => 'health', 'GET api/me' => 'me', 'PUT api/me' => 'coach', 'GET api/me/goes' => 'deletion-preview', 'GET api/me/sign-ins' => '[signed-in-device]', 'GET api/me/second-factor' => 'two-step-sign-in', 'POST api/me/second-factor' => 'two-step-offer', 'PUT api/me/second-factor' => 'recovery-codes', 'POST api/me/second-factor/spare' => 'recovery-codes', 'POST api/sign-in' => 'coach', 'POST api/sign-up' => 'coach', 'POST api/demo' => 'coach',
        'GET api/bench' => 'today', 'POST api/students' => 'student', 'PUT api/students/{student}' => 'student',
        'POST api/greens' => 'green', 'PUT api/greens/{green}' => 'green', 'GET api/seen' => '[observation-type]',
        'GET api/drills' => 'drills', 'GET api/drills/fitting' => 'fitting-drills', 'POST api/drills' => 'library-drill', 'PUT api/drills/{drill}' => 'library-drill',
        'POST api/drills/check' => 'library-drill', 'POST api/drills/set-out' => 'drill-setup', 'POST api/drills/import' => '[library-drill]',
        'POST api/drills/import/preview' => '[drill-preview]', 'GET api/drills/kinds' => 'drill-kinds', 'POST api/drills/lengths' => 'library-drill',
        'GET api/students/{student}/findings' => '[drill-result]', 'GET api/sessions/{session}/findings' => '[drill-result]',
        'GET api/length-sets' => '[length-set]', 'POST api/length-sets' => 'length-set', 'PUT api/length-sets/{set}' => 'length-set',
        'GET api/drills/export' => '../core/drills/drill', 'POST api/sessions' => 'session', 'GET api/sessions/{session}' => 'session',
        'PATCH api/sessions/{session}' => 'session', 'PUT api/sessions/{session}/reading' => 'green-speed-measurement',
        'POST api/sessions/{session}/events' => 'session-log', 'GET api/sessions/{session}/balls/{ball}' => '[ball-event]',
        'GET api/sessions/{session}/stroke' => 'session-report', 'GET api/sessions/{session}/stroke/what-if' => 'backstroke-table',
        'GET api/sessions' => '[session-history-line]', 'GET api/put-away' => 'deleted-records', 'POST api/sessions/{session}/back' => 'session',
        'POST api/students/{student}/back' => 'student', 'POST api/greens/{green}/back' => 'green', 'POST api/green-speed/doubts' => '[roll-doubt]',
        'GET api/sessions/{session}/look' => 'measure-report', 'GET api/students/{student}/look' => 'measure-report', 'GET api/students/{student}/course' => 'trend',
        'GET api/students/{student}/pocket' => 'take-home-card-settings', 'PUT api/students/{student}/pocket' => 'take-home-card-settings', 'POST api/students/{student}/pocket/link' => 'take-home-card-settings',
        'DELETE api/students/{student}/pocket/link' => 'take-home-card-settings', 'GET api/pocket/{link}' => 'take-home-card', 'POST api/pocket/{link}/entries' => 'homework-entry', 'POST api/pocket/{link}/sessions' => 'session', 'GET api/pocket/{link}/sessions/{session}' => 'session', 'GET api/pocket/{link}/sessions/{session}/runs/{run}' => 'run', 'POST api/pocket/{link}/sessions/{session}/events' => 'session-log', 'GET api/pocket/{link}/seen' => '[observation-type]', 'GET api/pocket/{link}/sessions/{session}/balls/{ball}' => '[ball-event]', 'GET api/students/{student}/home' => 'homework', 'POST api/students/{student}/home' => 'homework',
        'GET api/students/{student}/in-work' => 'current-goals', 'PUT api/students/{student}/in-work' => 'current-goals',
        'GET api/students/{student}/beside' => 'comparison', 'GET api/students/{student}/play' => 'round-summary', 'GET api/students/{student}/stakes' => 'stakes', 'POST api/students/{student}/rounds' => 'round',
        'PUT api/rounds/{round}' => 'round', 'POST api/benchmarks' => 'benchmark', 'PUT api/benchmarks/{benchmark}' => 'benchmark',
        'GET api/students/{student}/guesses' => 'quiz', 'POST api/students/{student}/guesses' => 'quiz-answer',
        'GET api/records' => 'records', 'GET api/students/{student}/records' => 'records', 'POST api/records' => '[import-result]', 'POST api/records/preview' => '[import-result]', 'GET api/students/{student}/goes' => 'student-deletion-preview',
        'GET api/outbox' => '[mail-message]', 'GET api/devices' => '[device]', 'GET api/week' => 'calendar-week', 'POST api/bookings' => 'booking', 'PUT api/bookings/{booking}' => 'booking', 'POST api/bookings/{booking}/skip' => 'booking', 'POST api/bookings/{booking}/letter' => 'booking-message',
        'POST api/calendar' => 'calendar-import-result', 'POST api/calendar/preview' => 'calendar-import-result', 'POST api/calendar/feed' => 'calendar-feed', 'GET api/sessions/{session}/rota' => 'rota', 'GET api/sessions/{session}/debrief' => 'debrief', 'GET api/sessions/{session}/plan' => 'plan-progress', 'POST api/sessions/{session}/plan' => 'proposed-plan', 'GET api/sessions/{session}/slopes' => '[station-slope]', 'GET api/units-slip' => 'units-slip', 'GET api/roll-or-chip' => 'roll-or-chip', 'POST api/walk-along' => 'simulation-started', 'GET api/walk-along/{session}' => 'simulation-next', 'GET api/devices/{device}/readings' => 'device-readings',
        'POST api/students/{student}/balls/preview' => 'balls-table', 'POST api/students/{student}/balls' => 'balls-import-result',
        'GET api/changes' => '[record-change]',
        'GET api/reader' => 'putt-read', 'GET api/reader/hints' => '[reading-hint]', 'GET api/greens/{green}/reads' => '[saved-read]', 'POST api/greens/{green}/reads' => 'saved-read', 'PUT api/reads/{read}' => 'saved-read',
        'GET api/face-and-path' => 'face-and-path', 'GET api/greens/{green}/stations' => '[green-station]',
        'GET api/checks' => 'check-catalogue', 'GET api/students/{student}/checks' => 'student-checks', 'GET api/students/{student}/remember' => 'reminders',
        'GET api/students/{student}/about' => 'student-profile', 'PUT api/students/{student}/about' => 'student-profile', 'PUT api/schools' => '[preference-question]', 'PUT api/cards/{key}' => 'checklist',
        'GET api/students/{student}/putters' => '[putter]', 'POST api/students/{student}/putters' => '[putter]', 'PUT api/putters/{putter}' => '[putter]', 'POST api/putters/{putter}/use' => '[putter]',
        'POST api/sessions/{session}/runs' => 'run', 'GET api/sessions/{session}/runs/{run}' => 'run', 'POST api/sessions/{session}/runs/{run}/events' => 'run',
    ];

    private static ?Validator $validator = null;

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer
     */
    private static function holdToContract(string $method, ?Request $asked, TestResponse $answer): void
    {
        $content = (string) $answer->getContent();
        $route = $method . ' ' . ($asked?->route()?->uri() ?? '');
        if ($content === '' || $answer->getStatusCode() >= 500 || !str_starts_with((string) $answer->headers->get('Content-Type'), 'application/json')) {
            return;
        }
        $schema = $answer->isSuccessful() ? self::ANSWERS[$route] ?? null : 'refusal';
        self::assertNotNull($schema, "There is no schema for $route.");
        $isList = str_starts_with($schema, '[');
        $value = json_decode($content, false, 64, JSON_THROW_ON_ERROR);
        $error = self::validator()->validate($value, json_encode([
            '$id' => 'https://amble.invalid/contract/asked-' . md5($schema) . '.json',
        ] + ($isList ? ['type' => 'array', 'items' => ['$ref' => trim($schema, '[]') . '.schema.json']] : ['$ref' => "$schema.schema.json"]), JSON_THROW_ON_ERROR))->error();
        self::assertTrue($error === null, $error === null ? '' : "$route: " . json_encode((new ErrorFormatter())->format($error), JSON_PRETTY_PRINT));
    }

    private static function validator(): Validator
    {
        if (self::$validator === null) {
            self::$validator = new Validator();
            self::$validator->resolver()?->registerPrefix('https://amble.invalid/', dirname(__DIR__));
        }

        return self::$validator;
    }
}

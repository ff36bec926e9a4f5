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
        'GET api/health' => 'health', 'GET api/me' => 'me', 'PUT api/me' => 'coach', 'GET api/me/goes' => 'goes', 'GET api/me/sign-ins' => '[sign-in]', 'GET api/me/second-factor' => 'second-factor', 'POST api/me/second-factor' => 'second-factor-offer', 'PUT api/me/second-factor' => 'spare-codes', 'POST api/me/second-factor/spare' => 'spare-codes', 'POST api/sign-in' => 'coach', 'POST api/sign-up' => 'coach', 'POST api/demo' => 'coach',
        'GET api/bench' => 'bench', 'POST api/students' => 'student', 'PUT api/students/{student}' => 'student',
        'POST api/greens' => 'green', 'PUT api/greens/{green}' => 'green', 'GET api/seen' => '[seen-kind]',
        'GET api/drills' => 'drills', 'GET api/drills/fitting' => 'fitting-drills', 'POST api/drills' => 'drill-card', 'PUT api/drills/{drill}' => 'drill-card',
        'POST api/drills/check' => 'drill-card', 'POST api/drills/set-out' => 'set-out', 'POST api/drills/import' => '[drill-card]',
        'POST api/drills/import/preview' => '[drill-preview]', 'GET api/drills/kinds' => 'drill-kinds', 'POST api/drills/lengths' => 'drill-card',
        'GET api/students/{student}/findings' => '[found-run]', 'GET api/sessions/{session}/findings' => '[found-run]',
        'GET api/length-sets' => '[length-set]', 'POST api/length-sets' => 'length-set', 'PUT api/length-sets/{set}' => 'length-set',
        'GET api/drills/export' => '../core/drills/drill', 'POST api/sessions' => 'session', 'GET api/sessions/{session}' => 'session',
        'PATCH api/sessions/{session}' => 'session', 'PUT api/sessions/{session}/reading' => 'reading',
        'POST api/sessions/{session}/events' => 'session-log', 'GET api/sessions/{session}/balls/{ball}' => '[ball-event]',
        'GET api/sessions/{session}/stroke' => 'session-look', 'GET api/sessions/{session}/stroke/what-if' => 'stroke-table',
        'GET api/sessions' => '[ledger-line]', 'GET api/put-away' => 'put-away', 'POST api/sessions/{session}/back' => 'session',
        'POST api/students/{student}/back' => 'student', 'POST api/greens/{green}/back' => 'green', 'POST api/green-speed/doubts' => '[roll-doubt]',
        'GET api/sessions/{session}/look' => 'look', 'GET api/students/{student}/look' => 'look', 'GET api/students/{student}/course' => 'course',
        'GET api/students/{student}/pocket' => 'pocket', 'PUT api/students/{student}/pocket' => 'pocket', 'POST api/students/{student}/pocket/link' => 'pocket',
        'DELETE api/students/{student}/pocket/link' => 'pocket', 'GET api/pocket/{link}' => 'pocket-card', 'POST api/pocket/{link}/entries' => 'home-entry', 'POST api/pocket/{link}/sessions' => 'session', 'GET api/pocket/{link}/sessions/{session}' => 'session', 'GET api/pocket/{link}/sessions/{session}/runs/{run}' => 'run', 'POST api/pocket/{link}/sessions/{session}/events' => 'session-log', 'GET api/pocket/{link}/seen' => '[seen-kind]', 'GET api/pocket/{link}/sessions/{session}/balls/{ball}' => '[ball-event]', 'GET api/students/{student}/home' => 'home-told', 'POST api/students/{student}/home' => 'home-told',
        'GET api/students/{student}/in-work' => 'in-work', 'PUT api/students/{student}/in-work' => 'in-work',
        'GET api/students/{student}/beside' => 'comparison', 'GET api/students/{student}/play' => 'play', 'GET api/students/{student}/stakes' => 'stakes', 'POST api/students/{student}/rounds' => 'round',
        'PUT api/rounds/{round}' => 'round', 'POST api/benchmarks' => 'benchmark', 'PUT api/benchmarks/{benchmark}' => 'benchmark',
        'GET api/students/{student}/guesses' => 'guess-ten', 'POST api/students/{student}/guesses' => 'guess',
        'GET api/records' => 'records', 'GET api/students/{student}/records' => 'records', 'POST api/records' => '[taken-in]', 'POST api/records/preview' => '[taken-in]', 'GET api/students/{student}/goes' => 'student-goes',
        'GET api/outbox' => '[letter]', 'GET api/devices' => '[device]', 'GET api/week' => 'week', 'POST api/bookings' => 'booking', 'PUT api/bookings/{booking}' => 'booking', 'POST api/bookings/{booking}/skip' => 'booking', 'POST api/bookings/{booking}/letter' => 'letter-sent',
        'POST api/calendar' => 'calendar-taken', 'POST api/calendar/preview' => 'calendar-taken', 'POST api/calendar/feed' => 'feed', 'GET api/sessions/{session}/rota' => 'rota', 'GET api/sessions/{session}/debrief' => 'debrief', 'GET api/sessions/{session}/plan' => 'plan-told', 'POST api/sessions/{session}/plan' => 'plan-proposed', 'GET api/sessions/{session}/slopes' => '[station-slope]', 'GET api/units-slip' => 'units-slip', 'GET api/roll-or-chip' => 'roll-or-chip', 'POST api/walk-along' => 'walk-begun', 'GET api/walk-along/{session}' => 'walk-next', 'GET api/devices/{device}/readings' => 'device-readings',
        'POST api/students/{student}/balls/preview' => 'balls-table', 'POST api/students/{student}/balls' => 'balls-taken',
        'GET api/changes' => '[record-change]',
        'GET api/reader' => 'putt-look', 'GET api/reader/hints' => '[reading-hint]', 'GET api/greens/{green}/reads' => '[kept-read]', 'POST api/greens/{green}/reads' => 'kept-read', 'PUT api/reads/{read}' => 'kept-read',
        'GET api/face-and-path' => 'face-and-path', 'GET api/greens/{green}/stations' => '[green-station]',
        'GET api/checks' => 'check-book', 'GET api/students/{student}/checks' => 'student-checks', 'GET api/students/{student}/remember' => 'remember',
        'GET api/students/{student}/about' => 'about', 'PUT api/students/{student}/about' => 'about', 'PUT api/schools' => '[school-question]', 'PUT api/cards/{key}' => 'card',
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

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
        'GET api/health' => 'health',
        'GET api/me' => 'me',
        'PUT api/me' => 'coach',
        'GET api/me/deletion-preview' => 'deletion-preview',
        'GET api/me/devices' => '[signed-in-device]',
        'GET api/me/two-step' => 'two-step-sign-in',
        'POST api/me/two-step' => 'two-step-offer',
        'PUT api/me/two-step' => 'recovery-codes',
        'POST api/me/two-step/recovery-codes' => 'recovery-codes',
        'POST api/sign-in' => 'coach',
        'POST api/sign-up' => 'coach',
        'POST api/demo' => 'coach',
        'GET api/today' => 'today',
        'POST api/students' => 'student',
        'PUT api/students/{student}' => 'student',
        'POST api/greens' => 'green',
        'PUT api/greens/{green}' => 'green',
        'GET api/observation-types' => '[observation-type]',
        'GET api/drills' => 'drills',
        'GET api/drills/fitting' => 'fitting-drills',
        'POST api/drills' => 'library-drill',
        'PUT api/drills/{drill}' => 'library-drill',
        'POST api/drills/check' => 'library-drill',
        'POST api/drills/setup' => 'drill-setup',
        'POST api/drills/import' => '[library-drill]',
        'POST api/drills/import/preview' => '[drill-preview]',
        'GET api/drills/kinds' => 'drill-kinds',
        'POST api/drills/lengths' => 'library-drill',
        'GET api/students/{student}/findings' => '[drill-result]',
        'GET api/sessions/{session}/findings' => '[drill-result]',
        'GET api/length-sets' => '[length-set]',
        'POST api/length-sets' => 'length-set',
        'PUT api/length-sets/{set}' => 'length-set',
        'GET api/drills/export' => '../core/drills/drill',
        'POST api/sessions' => 'session',
        'GET api/sessions/{session}' => 'session',
        'PATCH api/sessions/{session}' => 'session',
        'PUT api/sessions/{session}/green-speed' => 'green-speed-measurement',
        'PUT api/sessions/{session}/reading' => 'green-speed-measurement',
        'POST api/sessions/{session}/events' => 'session-log',
        'GET api/sessions/{session}/balls/{ball}' => '[ball-event]',
        'GET api/sessions/{session}/stroke' => 'session-report',
        'GET api/sessions/{session}/stroke/what-if' => 'backstroke-table',
        'GET api/sessions' => '[session-history-line]',
        'GET api/deleted' => 'deleted-records',
        'POST api/sessions/{session}/restore' => 'session',
        'POST api/students/{student}/restore' => 'student',
        'POST api/greens/{green}/restore' => 'green',
        'POST api/green-speed/doubts' => '[roll-doubt]',
        'GET api/sessions/{session}/review' => 'measure-report',
        'GET api/students/{student}/review' => 'measure-report',
        'GET api/students/{student}/trend' => 'trend',
        'GET api/students/{student}/take-home-card' => 'take-home-card-settings',
        'PUT api/students/{student}/take-home-card' => 'take-home-card-settings',
        'POST api/students/{student}/take-home-card/link' => 'take-home-card-settings',
        'DELETE api/students/{student}/take-home-card/link' => 'take-home-card-settings',
        'GET api/pocket/{link}' => 'take-home-card',
        'POST api/pocket/{link}/entries' => 'homework-entry',
        'POST api/pocket/{link}/sessions' => 'session',
        'GET api/pocket/{link}/sessions/{session}' => 'session',
        'GET api/pocket/{link}/sessions/{session}/runs/{run}' => 'run',
        'POST api/pocket/{link}/sessions/{session}/events' => 'session-log',
        'GET api/pocket/{link}/observation-types' => '[observation-type]',
        'GET api/pocket/{link}/sessions/{session}/balls/{ball}' => '[ball-event]',
        'GET api/students/{student}/homework' => 'homework',
        'POST api/students/{student}/homework' => 'homework',
        'GET api/students/{student}/current-goals' => 'current-goals',
        'PUT api/students/{student}/current-goals' => 'current-goals',
        'GET api/students/{student}/comparison' => 'comparison',
        'GET api/students/{student}/rounds' => 'round-summary',
        'GET api/students/{student}/stakes' => 'stakes',
        'POST api/students/{student}/rounds' => 'round',
        'PUT api/rounds/{round}' => 'round',
        'POST api/benchmarks' => 'benchmark',
        'PUT api/benchmarks/{benchmark}' => 'benchmark',
        'GET api/students/{student}/quiz' => 'quiz',
        'POST api/students/{student}/quiz' => 'quiz-answer',
        'GET api/records' => 'records',
        'GET api/students/{student}/records' => 'records',
        'POST api/records' => '[import-result]',
        'POST api/records/preview' => '[import-result]',
        'GET api/students/{student}/deletion-preview' => 'student-deletion-preview',
        'GET api/mail' => '[mail-message]',
        'GET api/devices' => '[device]',
        'GET api/calendar' => 'calendar-week',
        'POST api/bookings' => 'booking',
        'PUT api/bookings/{booking}' => 'booking',
        'POST api/bookings/{booking}/skip' => 'booking',
        'POST api/bookings/{booking}/message' => 'booking-message',
        'POST api/calendar' => 'calendar-import-result',
        'POST api/calendar/preview' => 'calendar-import-result',
        'POST api/calendar/feed' => 'calendar-feed',
        'GET api/sessions/{session}/rota' => 'rota',
        'GET api/sessions/{session}/debrief' => 'debrief',
        'GET api/sessions/{session}/plan' => 'plan-progress',
        'POST api/sessions/{session}/plan' => 'proposed-plan',
        'GET api/sessions/{session}/slopes' => '[station-slope]',
        'GET api/units-slip' => 'units-slip',
        'GET api/roll-or-chip' => 'roll-or-chip',
        'POST api/simulation' => 'simulation-started',
        'GET api/simulation/{session}' => 'simulation-next',
        'GET api/devices/{device}/readings' => 'device-readings',
        'POST api/students/{student}/balls/preview' => 'balls-table',
        'POST api/students/{student}/balls' => 'balls-import-result',
        'GET api/changes' => '[record-change]',
        'GET api/putt-read' => 'putt-read',
        'GET api/putt-read/hints' => '[reading-hint]',
        'GET api/greens/{green}/reads' => '[saved-read]',
        'POST api/greens/{green}/reads' => 'saved-read',
        'PUT api/reads/{read}' => 'saved-read',
        'GET api/greens/{green}/hole-maps' => '[hole-map-summary]',
        'POST api/greens/{green}/hole-maps' => 'hole-map',
        'GET api/hole-maps/{map}' => 'hole-map',
        'PUT api/hole-maps/{map}' => 'hole-map',
        'GET api/hole-maps/{map}/read' => 'mapped-read',
        'GET api/hole-maps/{map}/putts' => 'mapped-putts',
        'POST api/hole-maps/{map}/stations' => '[mapped-station]',
        'GET api/face-and-path' => 'face-and-path',
        'GET api/greens/{green}/stations' => '[green-station]',
        'GET api/checks' => 'check-catalogue',
        'GET api/students/{student}/checks' => 'student-checks',
        'GET api/students/{student}/reminders' => 'reminders',
        'GET api/students/{student}/profile' => 'student-profile',
        'PUT api/students/{student}/profile' => 'student-profile',
        'PUT api/teaching-preferences' => '[preference-question]',
        'PUT api/checklists/{key}' => 'checklist',
        'GET api/students/{student}/putters' => '[putter]',
        'POST api/students/{student}/putters' => '[putter]',
        'PUT api/putters/{putter}' => '[putter]',
        'POST api/putters/{putter}/use' => '[putter]',
        'POST api/sessions/{session}/runs' => 'run',
        'GET api/sessions/{session}/runs/{run}' => 'run',
        'POST api/sessions/{session}/runs/{run}/events' => 'run',
    ];

    private static ?Validator $validator = null;

    /**
     * @param TestResponse<\Symfony\Component\HttpFoundation\Response> $answer
     */
    private static function holdToContract(string $method, ?Request $asked, TestResponse $answer): void
    {
        $content = (string) $answer->getContent();
        $route = $method . ' ' . ($asked?->route()?->uri() ?? '');
        if (
            $content === '' ||
            $answer->getStatusCode() >= 500 ||
            !str_starts_with((string) $answer->headers->get('Content-Type'), 'application/json')
        ) {
            return;
        }
        $schema = $answer->isSuccessful() ? self::ANSWERS[$route] ?? null : 'refusal';
        self::assertNotNull($schema, "There is no schema for $route.");
        $isList = str_starts_with($schema, '[');
        $value = json_decode($content, false, 64, JSON_THROW_ON_ERROR);
        $error = self::validator()
            ->validate(
                $value,
                json_encode(
                    [
                        '$id' => 'https://amble.invalid/contract/asked-' . md5($schema) . '.json',
                    ] +
                        ($isList
                            ? ['type' => 'array', 'items' => ['$ref' => trim($schema, '[]') . '.schema.json']]
                            : ['$ref' => "$schema.schema.json"]),
                    JSON_THROW_ON_ERROR,
                ),
            )
            ->error();
        self::assertTrue(
            $error === null,
            $error === null ? '' : "$route: " . json_encode((new ErrorFormatter())->format($error), JSON_PRETTY_PRINT),
        );
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

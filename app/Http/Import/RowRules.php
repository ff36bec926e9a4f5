<?php

declare(strict_types=1);

namespace App\Http\Import;

use Amble\Core\Card\Checklist;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\MeasurementMethod;
use Amble\Core\Homework\HomeworkEntry;
use Amble\Core\Json\JsonInput;
use Amble\Core\Plan\Plan;
use Amble\Core\Reading\PuttSituation;
use Amble\Core\Student\CurrentGoals;
use App\Actions\Import\RowCheck;
use App\Actions\SaveGreenSpeedMeasurement;
use App\Calendar\Series;
use App\Http\Requests\BenchmarkRequest;
use App\Http\Requests\BookingRequest;
use App\Http\Requests\GreenRequest;
use App\Http\Requests\GreenSpeedMeasurementRequest;
use App\Http\Requests\LengthSetRequest;
use App\Http\Requests\PutterRequest;
use App\Http\Requests\RoundRequest;
use App\Http\Requests\StudentRequest;
use App\Http\Requests\TakeHomeCardRequest;
use App\Http\Requests\UpdateSessionRequest;
use App\Http\Requests\WorkspaceRequest;
use App\Models\Coach;
use App\Models\DrillDefinition;
use App\Models\HoleMapRecord;
use App\Models\QuizAnswerRecord;
use App\Models\Round;
use App\Models\Student;
use App\Reports\RecordTables;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\ValidationException;

/** Holds a row of a file to the rules of the form that makes such a record on a screen. */
final readonly class RowRules implements RowCheck
{
    /** Forms whose fields are the table's columns. */
    private const FORMS = [
        'students' => StudentRequest::class,
        'greens' => GreenRequest::class,
        'practice_sessions' => UpdateSessionRequest::class,
        'green_speed_measurements' => GreenSpeedMeasurementRequest::class,
        'length_sets' => LengthSetRequest::class,
        'rounds' => RoundRequest::class,
        'benchmarks' => BenchmarkRequest::class,
        'take_home_cards' => TakeHomeCardRequest::class,
        'putters' => PutterRequest::class,
        'bookings' => BookingRequest::class,
    ];

    /** Columns no form asks for: of the record's making, or worked out by the server from what a form asks for. */
    private const BESIDES = [
        'practice_sessions' => ['is_home' => ['boolean'], 'is_planned' => ['boolean'], 'started_at' => ['required']],
        'session_events' => ['recorded_at' => ['required'], 'practice_session_id' => ['required']],
        'green_speed_measurements' => [
            'speed_m' => ['nullable', 'numeric', 'between:0.5,7'],
            'standard_error_m' => ['nullable', 'numeric', 'between:0,7'],
            'give_or_take_m' => ['nullable', 'numeric', 'between:0,7'],
            'grade' => ['nullable', 'numeric', 'between:-0.3,0.3'],
            'grade_low' => ['nullable', 'numeric', 'between:-1,1'],
            'grade_high' => ['nullable', 'numeric', 'between:-1,1'],
            'is_level' => ['required', 'boolean'],
            'warnings' => ['present', 'list', 'max:20'],
            'warnings.*' => ['string', 'max:300'],
            'taken_at' => ['required'],
        ],
        // A calendar from elsewhere may hold longer times than the form offers, and times that are left out.
        'bookings' => [
            'minutes' => ['required', 'integer', 'between:1,1440'],
            'uid' => ['required', 'string', 'max:200'],
            'skipped' => ['present', 'list', 'max:2000'],
            'skipped.*' => ['string', 'date_format:Y-m-d H:i'],
        ],
        'drills' => ['name' => ['required', 'string', 'max:200']],
        'drill_runs' => [
            'seed' => ['required', 'integer', 'between:0,2147483647'],
            'students' => ['nullable', 'list', 'max:12'],
            'students.*' => ['string', 'distinct'],
        ],
        'cards' => ['key' => ['required', 'regex:/^[0-9A-Za-z_]{1,40}$/']],
        'saved_reads' => ['name' => ['required', 'string', 'max:80'], 'green_id' => ['required']],
        'hole_maps' => [
            'name' => ['required', 'string', 'max:80'],
            'mark' => ['required', 'string', 'max:120'],
            'noise_percent' => ['required', 'numeric', 'between:0.01,2'],
            'green_id' => ['required'],
        ],
        'guesses' => [
            'called_aim_m' => ['nullable', 'numeric', 'between:-60,60'],
            'called_plays_m' => ['nullable', 'numeric', 'between:0,200'],
        ],
    ];

    /** Columns that a form calls otherwise, or does not take with the others. */
    private const NOT_ASKED = [
        'created_at',
        'updated_at',
        'deleted_at',
        'current_goals',
        'about',
        'plan',
        'started_at',
        'ended_at',
        'student_id',
        'green_id',
        'practice_session_id',
        'rule',
        'definition',
        'content',
        'putt',
    ];

    public function check(Coach $coach, string $table, int $i, array $row): void
    {
        $at = "tables.$table.$i";
        $columns = RecordTables::TABLES[$table];
        $told = [];
        foreach ($row as $column => $value) {
            $told[$column] =
                ($columns[$column] ?? '') === 'j' && is_string($value)
                    ? json_decode($value, true, 64, JSON_THROW_ON_ERROR)
                    : $value;
        }
        try {
            self::holdToForm($coach, $table, $told);
            self::read($table, $row);
        } catch (ValidationException $refused) {
            throw InvalidInput::at(
                "$at." . array_key_first($refused->errors()),
                (string) array_values($refused->errors())[0][0],
            );
        } catch (InvalidInput $refused) {
            throw InvalidInput::at(
                $at . ($refused->field() === null ? '' : ".{$refused->field()}"),
                $refused->getMessage(),
            );
        } catch (\JsonException | \TypeError | \ValueError) {
            throw InvalidInput::at($at, 'This record lacks a required value.');
        }
    }

    /**
     * @param array<string, mixed> $row
     *
     * @throws ValidationException
     */
    private static function holdToForm(Coach $coach, string $table, array $row): void
    {
        $asked = array_diff_key($row, array_flip(self::NOT_ASKED));
        $besides = self::BESIDES[$table] ?? [];
        if ($besides !== []) {
            Validator::make($row, $besides)->validate();
        }
        $class = self::FORMS[$table] ?? null;
        if ($class === null) {
            return;
        }
        $form = match ($table) {
            'green_speed_measurements' => ['id' => $row['id'], 'method' => $row['method']] +
                (array) ($row['entries'] ?? []),
            'rounds' => ['played_on' => substr((string) $row['played_on'], 0, 10)] + $asked,
            'take_home_cards' => [
                'next_on' => $row['next_on'] === null ? null : substr((string) $row['next_on'], 0, 10),
            ] + $asked,
            'bookings' => [
                'minutes' => min((int) ($row['minutes'] ?? 0), 480),
                'title' => $row['title'] ?? ($row['student_id'] === null ? null : 'A session'),
            ] + array_diff_key($asked, ['skipped' => 0, 'uid' => 0]),
            default => $asked,
        };
        self::form($coach, $class, array_filter($form, static fn(mixed $value): bool => $value !== null));
    }

    /**
     * @param class-string<WorkspaceRequest> $class
     * @param array<string, mixed> $fields
     *
     * @throws ValidationException
     */
    private static function form(Coach $coach, string $class, array $fields): void
    {
        $request = $class::create(
            '/',
            'POST',
            server: ['CONTENT_TYPE' => 'application/json'],
            content: json_encode((object) $fields, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        );
        $request
            ->setContainer(app())
            ->setRedirector(app('redirect'))
            ->setUserResolver(static fn(): Coach => $coach)
            ->setRouteResolver(static fn(): null => null);
        $request->validateResolved();
    }

    /**
     * What the core reads of a column, as it does when the form is sent.
     *
     * @param array<string, mixed> $row
     *
     * @throws InvalidInput
     * @throws \JsonException|\TypeError|\ValueError Where the row has nothing to be read.
     */
    private static function read(string $table, array $row): void
    {
        $text = static fn(string $column): string => (string) $row[$column];
        $input = static fn(string $column): JsonInput => JsonInput::parse($text($column));
        $isSaid = static fn(string $column): bool => ($row[$column] ?? null) !== null;
        match ($table) {
            'students' => [
                $isSaid('current_goals')
                    ? self::at('current_goals', static fn() => CurrentGoals::read($input('current_goals')))
                    : null,
                // As the model reads it: answers that nobody gave may be kept as an empty list.
                self::at('about', static fn() => (new Student())->setRawAttributes($row)->facts()),
            ],
            'practice_sessions' => $isSaid('plan') ? self::at('plan', static fn() => Plan::read($input('plan'))) : null,
            'green_speed_measurements' => self::at(
                'entries',
                static fn() => SaveGreenSpeedMeasurement::figures(
                    MeasurementMethod::from($text('method')),
                    (array) json_decode($text('entries'), true, 16, JSON_THROW_ON_ERROR),
                ),
            ),
            'drills', 'drill_runs' => self::at(
                'definition',
                static fn() => DrillDefinition::card(DrillDefinition::fromStored($text('definition'))),
            ),
            'rounds' => (new Round())->setRawAttributes($row)->played(),
            'cards' => self::at('content', static fn() => Checklist::read($text('key'), $input('content'))),
            'saved_reads' => self::at('putt', static fn() => PuttSituation::read($input('putt'))),
            'hole_maps' => self::at('readings', static fn() => (new HoleMapRecord())->setRawAttributes($row)->map()),
            'bookings' => $isSaid('starts') && $isSaid('zone')
                ? Series::lastAt($text('starts'), $text('zone'), $row['rule'] === null ? null : $text('rule'))
                : null,
            'homework_entries' => HomeworkEntry::read(
                JsonInput::fromArray(
                    array_intersect_key($row, array_flip(['kind', 'at_ms', 'balls', 'passes', 'text'])),
                ),
            ),
            'guesses' => (new QuizAnswerRecord())->setRawAttributes($row)->guess(),
            default => null,
        };
    }

    /**
     * A refusal names the column, and the place in it.
     *
     * @param \Closure(): mixed $read
     *
     * @throws InvalidInput
     */
    private static function at(string $column, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (InvalidInput $refused) {
            throw InvalidInput::at(
                $column . ($refused->field() === null ? '' : ".{$refused->field()}"),
                $refused->getMessage(),
            );
        }
    }
}

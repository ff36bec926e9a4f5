<?php

declare(strict_types=1);

namespace App\Actions;

use Amble\Core\Check\CheckKinds;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\BallLogged;
use Amble\Core\Session\Event\BallReassigned;
use Amble\Core\Session\Event\CheckAttempted;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Appends to the log of events under a session. */
final class AppendSessionEvents
{
    public function __construct(private readonly ProjectSession $projector) {}

    /**
     * Append events; one whose id is already there changes nothing.
     *
     * All or none are written: each is read, and so checked by the core, before the first insert; the write
     * comes before any reading in the transaction, so that two writers wait for each other.
     *
     * @param string $loggedBy id of the coach who answers for them
     * @param list<array<string, mixed>> $events as they came, each with id, type and at_ms
     * @param int|null $version of the log as whoever sends them knows it; null where they know none
     */
    public function append(
        PracticeSession $session,
        string $loggedBy,
        array $events,
        ?int $version = null,
    ): AppendedEvents {
        $cards = self::cards($session, $events);
        $rows = [];
        foreach ($events as $i => $fields) {
            $event = self::asObjects($fields);
            $read = EventReader::arriving(JsonInput::fromArray($event, "events.$i"));
            self::refuseOthersInSimulation($session, $event, $i);
            if ($read instanceof CheckAttempted) {
                CheckKinds::accept($read->try, "events.$i");
            }
            $whose = match (true) {
                $read instanceof BallLogged => $read->belonging->student ?? $session->student_id,
                $read instanceof BallReassigned => $read->student ?? $session->student_id,
                default => null,
            };
            $card = $cards->get((string) $whose);
            // What a ball was struck with is of that moment: a later change of the card rewrites nothing.
            $struckWith = $card === null ? [] : ['putter' => $card->putter, 'tempo_bpm' => $card->tempo_bpm];
            $rows[] = self::row($session, $loggedBy, $read, $event + $struckWith);
        }

        return DB::transaction(function () use ($session, $rows, $version): AppendedEvents {
            SessionEventRecord::query()->insertOrIgnore($rows);
            $times = array_column($rows, 'at_ms');
            if ($session->is_planned && $times !== []) {
                // What happens in it starts it, whether Start was touched or not.
                $session->update([
                    'is_planned' => false,
                    'started_at' => CarbonImmutable::createFromTimestampMs(min($times)),
                ]);
            }
            $ids = array_column($rows, 'id');
            self::refuseForeignIds($session, $ids);
            $projected = $this->projector->project($session);
            $before = array_diff_key($projected->positions, array_flip($ids));
            $isKnown = $projected->keepsOrder && $version === ($before === [] ? 0 : max($before));

            return new AppendedEvents(
                $projected,
                max(0, ...array_values($projected->positions)),
                $isKnown ? $version : null,
            );
        });
    }

    /** The version of a session's log: the position of its last event, 0 before any. */
    public static function version(PracticeSession $session): int
    {
        return (int) SessionEventRecord::query()->where('practice_session_id', $session->id)->max('position');
    }

    /**
     * A simulation has no real student in it, or simulated balls would count as theirs.
     *
     * @param array<string, mixed> $event
     *
     * @throws InvalidInput If it names another student.
     */
    private static function refuseOthersInSimulation(PracticeSession $session, array $event, int $i): void
    {
        $student = $event['student'] ?? null;
        if ($student !== null && $student !== $session->student_id && $session->student?->is_simulated === true) {
            throw InvalidInput::at(
                "events.$i.student",
                'Only the simulated student takes part in a simulation. Delete it and start a session.',
            );
        }
    }

    /**
     * The cards of everybody whose balls are among these events.
     *
     * @param list<array<string, mixed>> $events
     *
     * @return Collection<string, Student> by id
     */
    private static function cards(PracticeSession $session, array $events): Collection
    {
        $students = array_filter([$session->student_id, ...array_column($events, 'student')], is_string(...));

        return Student::query()->whereKey(array_unique($students))->get()->keyBy('id')->toBase();
    }

    /**
     * @param array<string, mixed> $event
     *
     * @return array<string, mixed>
     */
    private static function row(PracticeSession $session, string $loggedBy, SessionEvent $read, array $event): array
    {
        $payload = array_diff_key($event, array_flip(['id', 'type', 'at_ms', 'version']));
        $version = $event['version'] ?? 1;

        return [
            'id' => $read->id,
            'type' => $read::type(),
            'version' => is_int($version) ? $version : 1,
            'at_ms' => $read->atMilliseconds,
            'practice_session_id' => $session->id,
            'logged_by' => $loggedBy,
            'payload' => json_encode($payload, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            'recorded_at' => now(),
        ];
    }

    /**
     * An id that another session's log holds would be taken for a repeat and lost without a word.
     *
     * @param list<string> $ids
     */
    private static function refuseForeignIds(PracticeSession $session, array $ids): void
    {
        $taken = SessionEventRecord::query()
            ->whereIn('id', $ids)
            ->where('practice_session_id', '!=', $session->id)
            ->value('id');
        if ($taken !== null) {
            throw ValidationException::withMessages([
                'events.' . array_search($taken, $ids, true) . '.id' => 'This id is already in use by another session.',
            ]);
        }
    }

    /**
     * Objects inside an event, as JSON had them before the request turned them to arrays.
     *
     * @param array<string, mixed> $event
     *
     * @return array<string, mixed>
     */
    private static function asObjects(array $event): array
    {
        return array_map(
            static fn(mixed $value): mixed => is_array($value) && !($value !== [] && array_is_list($value))
                ? (object) $value
                : $value,
            $event,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Actions;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Table\BallsOfTable;
use App\Models\Coach;
use App\Models\Green;
use App\Models\PracticeSession;
use App\Models\SessionEventRecord;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Takes the balls of a table in, a session for each day: all of them or none, and what is there already not a second
 * time.
 */
final readonly class ImportBalls
{
    public function __construct(private AppendSessionEvents $logbook, private SaveGreenSpeedMeasurement $readings) {}

    /** How many of them are there already. */
    public function there(BallsOfTable $balls): int
    {
        $there = 0;
        foreach (array_chunk(array_column($balls->balls, 'id'), 500) as $ids) {
            $there += SessionEventRecord::query()->whereIn('id', $ids)->count();
        }

        return $there;
    }

    /**
     * @param float|null $speedFeet of the green on those days, estimated
     *
     * @return int sessions that were made for them
     *
     * @throws InvalidInput If there is nothing new to take in.
     */
    public function take(
        BallsOfTable $balls,
        Coach $coach,
        Student $student,
        ?Green $green,
        ?float $speedFeet,
        string $zone,
    ): int {
        if ($balls->balls === []) {
            throw InvalidInput::at('text', 'No row of this table is a ball.');
        }
        $days = [];
        foreach ($balls->balls as $ball) {
            $days[self::day($ball, $zone)->format('Y-m-d')][] = $ball;
        }

        return DB::transaction(function () use ($days, $coach, $student, $green, $speedFeet): int {
            $made = 0;
            foreach ($days as $day => $events) {
                [$session, $isNew] = self::session((string) $day, $events, $coach, $student, $green);
                $made += (int) $isNew;
                if ($isNew && $green !== null && $speedFeet !== null) {
                    $this->readings->keep($session, [
                        'id' => (string) Str::ulid(),
                        'method' => 'estimated',
                        'speed_ft' => $speedFeet,
                        'taken_at_ms' => (int) $session->started_at->getTimestampMs(),
                    ]);
                }
                $this->logbook->append($session, $coach->id, $events);
            }

            return $made;
        });
    }

    /**
     * The session of one day's balls: the one a table made before, else a new one.
     *
     * @param non-empty-list<array<string, mixed>> $events
     *
     * @return array{PracticeSession, bool} with whether it was made now
     */
    private static function session(string $day, array $events, Coach $coach, Student $student, ?Green $green): array
    {
        $times = array_map(static fn(array $event): int => is_int($event['at_ms']) ? $event['at_ms'] : 0, $events);
        $id = PracticeSession::withTrashed()
            ->where('workspace_id', $coach->workspace_id)
            ->whereIn(
                'id',
                SessionEventRecord::query()
                    ->whereIn('id', array_slice(array_column($events, 'id'), 0, 500))
                    ->select('practice_session_id'),
            )
            ->value('id');
        if (is_string($id)) {
            return [PracticeSession::withTrashed()->whereKey($id)->sole(), false];
        }
        $session = $coach->practiceSessions()->create([
            'student_id' => $student->id,
            'green_id' => $green?->id,
            'purpose' => 'Balls imported from a table',
            'started_at' => CarbonImmutable::createFromTimestampMsUTC(min($times)),
            'ended_at' => CarbonImmutable::createFromTimestampMsUTC(max($times)),
        ]);

        return [$session, true];
    }

    /** @param array<string, mixed> $ball */
    private static function day(array $ball, string $zone): CarbonImmutable
    {
        return CarbonImmutable::createFromTimestampMsUTC(is_int($ball['at_ms']) ? $ball['at_ms'] : 0)->setTimezone(
            $zone,
        );
    }
}

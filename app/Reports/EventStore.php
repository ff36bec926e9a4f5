<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Reads the stored log; an event this version cannot read is kept, and left out here. */
final class EventStore
{
    /**
     * Read several sessions' events with one query.
     *
     * @param list<string> $sessionIds
     *
     * @return array<string, list<SessionEvent>> by session id, one for each that was asked, in order of arrival
     */
    public function of(array $sessionIds): array
    {
        $events = array_fill_keys($sessionIds, []);
        foreach (self::rows($sessionIds) as $row) {
            $event = EventReader::stored(self::fields($row));
            if ($event !== null) {
                $events[$row->practice_session_id][] = $event;
            }
        }

        return $events;
    }

    /**
     * Read one session's log with the place of each event in it.
     *
     * @return array{list<SessionEvent>, array<string, int>} events in order of arrival, and the position of every event
     *     by its id, those
     *                                                       that cannot be read as well
     */
    public function log(string $sessionId): array
    {
        $events = $positions = [];
        foreach (self::rows([$sessionId]) as $row) {
            $positions[(string) $row->id] = (int) $row->position;
            $event = EventReader::stored(self::fields($row));
            if ($event !== null) {
                $events[] = $event;
            }
        }

        return [$events, $positions];
    }

    /**
     * @param list<string> $sessionIds
     *
     * @return Collection<int, \stdClass>
     */
    private static function rows(array $sessionIds): Collection
    {
        return DB::table('session_events')
            ->whereIn('practice_session_id', array_unique($sessionIds))
            ->orderBy('position')
            ->get(['id', 'practice_session_id', 'type', 'version', 'payload', 'at_ms', 'position']);
    }

    private static function fields(\stdClass $row): JsonInput
    {
        $payload = json_decode((string) $row->payload, false, 16);

        $fields = $payload instanceof \stdClass ? $payload : new \stdClass();
        $fields->id = $row->id;
        $fields->type = $row->type;
        $fields->version = (int) $row->version;
        $fields->at_ms = (int) $row->at_ms;

        return JsonInput::of($fields);
    }
}

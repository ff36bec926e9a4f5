<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
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
        $rows = DB::table('session_events')->whereIn('practice_session_id', array_unique($sessionIds))->orderBy('position')
            ->get(['id', 'practice_session_id', 'type', 'version', 'payload', 'at_ms']);
        foreach ($rows as $row) {
            $event = EventReader::stored(self::fields($row));
            if ($event !== null) {
                $events[$row->practice_session_id][] = $event;
            }
        }

        return $events;
    }

    private static function fields(\stdClass $row): JsonInput
    {
        $payload = json_decode((string) $row->payload, false, 16);

        return JsonInput::fromArray(
            ['id' => $row->id, 'type' => $row->type, 'version' => (int) $row->version, 'at_ms' => (int) $row->at_ms]
            + ($payload instanceof \stdClass ? get_object_vars($payload) : []),
        );
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Session;

use Amble\Core\Json\JsonInput;
use Amble\Core\Session\CheckAttempt;
use Amble\Core\Session\ChecklistAnswer;
use Amble\Core\Session\Disturbance;
use Amble\Core\Session\Event\EventKinds;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\Observation\AnswerKind;
use Amble\Core\Session\Observation\ObservationTypes;
use Amble\Core\Session\PointAnswer;
use Amble\Core\Session\RollContext;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\SessionPart;
use PHPUnit\Framework\TestCase;

/**
 * The log is for ever: one stored event of every kind and version ever shipped stands in stored-events.json,
 * and is read here. A line there is never changed or taken out; a new kind or version adds one.
 */
final class StoredEventsTest extends TestCase
{
    /** @return list<array<string, mixed>> */
    private static function golden(): array
    {
        return json_decode((string) file_get_contents(__DIR__ . '/stored-events.json'), true, 16, JSON_THROW_ON_ERROR);
    }

    public function testEveryKindAndVersionIsThere(): void
    {
        $there = array_map(
            static fn(array $event): string => $event['type'] . ' ' . ($event['version'] ?? 1),
            self::golden(),
        );
        $shipped = [];
        foreach (EventKinds::all() as $type => $class) {
            foreach (range(1, $class::version()) as $version) {
                $shipped[] = "$type $version";
            }
        }
        self::assertSame([], array_diff($shipped, $there));
    }

    public function testEachIsReadAndTheyFoldToWhatWasMeant(): void
    {
        $events = [];
        foreach (self::golden() as $event) {
            $read = EventReader::stored(JsonInput::fromArray(self::objects($event)));
            self::assertSame($event['type'] === 'drone_flown', $read === null, $event['type']);
            $events[] = $read;
        }
        $log = SessionLog::fold(array_filter($events));
        $balls = array_column(array_map(static fn($putt): array => [$putt->id, $putt], $log->putts), 1, 0);
        self::assertSame(['01BALL1', '01BALL2', '01BALL3'], array_keys($balls));
        // Version 1 held what was seen among the other fields; a remark said the whole of it anew.
        self::assertEquals(
            ['gate' => 'through', 'call' => 'on', 'hit' => true, 'side_m' => -0.1, 'held' => true, 'rehearsals' => 2],
            array_filter($balls['01BALL1']->ball->sight->answers, static fn(mixed $answer): bool => $answer !== null),
        );
        self::assertSame('luck', $balls['01BALL1']->ball->remarks->cause?->value);
        self::assertSame(
            ['strike' => 'toe', 'start' => 'left', 'tumble' => 'wobble'],
            $balls['01BALL2']->ball->sight->answers,
        );
        self::assertSame(
            ['Long putter', 70],
            [$balls['01BALL2']->belonging->putter, $balls['01BALL2']->belonging->tempo],
        );
        self::assertSame(
            [0.5, 2.0],
            [$balls['01BALL2']->ball->runOn?->metres(), $balls['01BALL2']->ball->across->percent()],
        );
        self::assertSame([1, 3.5], [$balls['01BALL3']->corrections, $balls['01BALL3']->ball->roll?->metres()]);
        self::assertSame(
            [['ST1', 5.4864]],
            array_map(static fn($station): array => [$station->id, $station->length->metres()], $log->stations),
        );
        self::assertSame(['wind'], array_map(static fn($condition): string => $condition->value, $log->conditions));
        self::assertSame(
            [['pace.short', '8 short', 'he knows']],
            array_map(static fn($note): array => [$note->key, $note->evidence, $note->reason], $log->dismissedInsights),
        );
        self::assertSame([1], array_map(static fn($count): int => $count->count, $log->counts));
        $given = $balls['01BALL3']->belonging;
        self::assertSame(
            ['01OTHER', 'Mallet', 76, null],
            [$given->student, $given->putter, $given->tempo, $given->runId],
        );
        self::assertSame(
            [['01OTHER', 'sits_out']],
            array_map(static fn($one): array => [$one->student, $one->standing->value], $log->groupMembers),
        );
        self::assertSame([['01OTHER' => 2], 4700], [$log->runs['01RUN']->joined, $log->runs['01RUN']->endedAt]);
        self::assertSame('01READING', $log->readingId);
        self::assertEquals(
            [
                new CheckAttempt('01TRY1', 4900, '01OTHER', 'aim', [
                    'offset_m' => -0.02,
                    'at_m' => 2.0,
                    'by' => 'mirror',
                    'unasked' => true,
                ]),
                new CheckAttempt('01TRY2', 5000, null, 'tempo', ['bpm' => 76]),
            ],
            $log->checks,
        );
        self::assertEquals(
            [new ChecklistAnswer(5200, null, 'stance', 'shoulders', PointAnswer::Attention, 'left one high')],
            $log->points,
        );
        self::assertEquals(new RollContext(SessionPart::Baseline, [Disturbance::Filmed]), $balls['01BALL2']->during);
        self::assertEquals(
            [new RollContext(), new RollContext(null, [Disturbance::Filmed]), new RollContext()],
            [$balls['01BALL1']->during, $balls['01BALL3']->during, $log->during],
        );
    }

    public function testARemarkOfVersionOneSaidAnewWhatThoseBeforeItHadSaid(): void
    {
        $event = static fn(string $id, array $fields): ?SessionEvent => EventReader::stored(
            JsonInput::fromArray(['id' => $id, 'at_ms' => (int) substr($id, 1)] + $fields),
        );
        $ball = SessionLog::fold(
            array_filter([
                $event('A1', ['type' => 'putt_logged', 'roll_m' => 3, 'gate' => 'left', 'held' => true]),
                $event('A2', ['type' => 'putt_remarked', 'putt_id' => 'A1', 'held' => true, 'rehearsals' => 3]),
                $event('A3', ['type' => 'putt_remarked', 'putt_id' => 'A1', 'cause' => 'pace']),
            ]),
        )->putts[0]->ball;
        self::assertSame(['gate' => 'left'], $ball->sight->answers);
    }

    public function testWhatIsStoredIsAlwaysReadAndWhatIsNotKnownFoldsToNothing(): void
    {
        $nonsense = [
            ['type' => 'putt_logged', 'version' => 99],
            ['type' => 'putt_logged', 'roll_m' => 'far'],
            ['type' => 7],
            [],
            ['type' => 'station_set'],
            ['type' => 'undone', 'event_id' => []],
            ['type' => 'putt_logged', 'version' => 'two'],
        ];
        foreach ($nonsense as $event) {
            self::assertNull(EventReader::stored(JsonInput::fromArray($event + ['id' => '01X', 'at_ms' => 5])));
        }
        // Something seen that only a later version knows does not cost the ball.
        $later = EventReader::stored(
            JsonInput::fromArray([
                'id' => '01X',
                'at_ms' => 5,
                'type' => 'putt_logged',
                'version' => 2,
                'roll_m' => 3,
                'seen' => (object) ['aura' => 'green', 'gate' => 'left'],
            ]),
        );
        self::assertInstanceOf(SessionEvent::class, $later);
        self::assertSame(['gate' => 'left'], SessionLog::fold([$later])->putts[0]->ball->sight->answers);
    }

    public function testEverythingSeenHasItsWordsAndANameOfItsOwn(): void
    {
        foreach (ObservationTypes::all() as $name => $kind) {
            self::assertMatchesRegularExpression('/^[a-z][a-z_]*$/', $name);
            self::assertNotSame('', $kind->question);
            self::assertSame($kind->answers->kind === AnswerKind::Metres, str_ends_with($name, '_m'), $name);
            self::assertSame(
                in_array($kind->answers->kind, [AnswerKind::Words, AnswerKind::YesNo], true),
                $kind->answers->words !== [],
            );
        }
        $keys = array_filter(array_map(static fn($kind): ?string => $kind->key, ObservationTypes::all()));
        self::assertSame($keys, array_unique($keys));
    }

    public function testOfOneIdTheFirstStandsAndIdsAreText(): void
    {
        $putt = static fn(string $id, float $roll): ?SessionEvent => EventReader::stored(
            JsonInput::fromArray(['id' => $id, 'at_ms' => 5, 'type' => 'putt_logged', 'roll_m' => $roll]),
        );
        $ids = static fn(SessionLog $log): array => array_map(
            static fn($putt): array => [$putt->id, $putt->ball->roll?->metres()],
            $log->putts,
        );
        self::assertSame([['A', 1.0]], $ids(SessionLog::fold(array_filter([$putt('A', 1.0), $putt('A', 2.0)]))));
        $either = [
            $ids(SessionLog::fold(array_filter([$putt('1e1', 1.0), $putt('10', 2.0)]))),
            $ids(SessionLog::fold(array_filter([$putt('10', 2.0), $putt('1e1', 1.0)]))),
        ];
        self::assertSame([[['10', 2.0], ['1e1', 1.0]], [['10', 2.0], ['1e1', 1.0]]], $either);
    }

    /**
     * @param array<string, mixed> $event
     *
     * @return array<string, mixed> with inner lists of fields as objects, as JSON has them
     */
    private static function objects(array $event): array
    {
        return array_map(static fn(mixed $value): mixed => is_array($value) ? (object) $value : $value, $event);
    }
}

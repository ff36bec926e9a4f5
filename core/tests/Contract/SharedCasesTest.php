<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Contract;

use Amble\Core\Drill\Pass\Acceptance;
use Amble\Core\Drill\Pass\ObservationCondition;
use Amble\Core\Json\JsonInput;
use Amble\Core\Session\Condition;
use Amble\Core\Session\DismissedInsight;
use Amble\Core\Session\Event\EventReader;
use Amble\Core\Session\Event\SessionEvent;
use Amble\Core\Session\LoggedBall;
use Amble\Core\Session\SessionLog;
use Amble\Core\Session\SessionStation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rules that a device without a network needs too: the screens' tests run the very same cases. */
final class SharedCasesTest extends TestCase
{
    #[DataProvider('acceptances')]
    public function testWhetherABallMeetsWhatIsAsked(\stdClass $case): void
    {
        $event = JsonInput::fromArray(
            ['id' => 'A', 'type' => 'putt_logged', 'version' => 2, 'at_ms' => 1] + get_object_vars($case->ball),
        );
        $putt = SessionLog::fold([EventReader::read($event)])->putts[0];
        self::assertSame($case->meets, self::acceptance($case->passes_if)->admits($putt->ball));
    }

    private static function acceptance(\stdClass $asked): Acceptance
    {
        return match (true) {
            $asked->only_holed => Acceptance::holed(),
            $asked->roll_m !== null => Acceptance::roll($asked->roll_m[0], $asked->roll_m[1], $asked->holed),
            $asked->struck => Acceptance::struckOrRing($asked->ring_m[0], $asked->ring_m[1]),
            $asked->ring_m !== null => Acceptance::ring($asked->ring_m[0], $asked->ring_m[1]),
            default => Acceptance::seen(
                ...array_map(
                    static fn(\stdClass $seen): ObservationCondition => $seen->one_of === null
                        ? ObservationCondition::between($seen->name, $seen->between[0], $seen->between[1])
                        : ObservationCondition::oneOf($seen->name, $seen->one_of),
                    $asked->seen,
                ),
            ),
        };
    }

    /** What waits on a device, laid over what it knows, must be what the log will say once all has arrived. */
    #[DataProvider('foldings')]
    public function testTheFoldOfWhatWaits(\stdClass $case): void
    {
        self::assertEquals($case->log, self::shown($case->kept));
        self::assertEquals($case->shows, self::shown([...$case->kept, ...$case->waiting]));
    }

    /** @param list<\stdClass> $events */
    private static function shown(array $events): \stdClass
    {
        $log = SessionLog::fold(
            array_map(
                static fn(\stdClass $event): SessionEvent => EventReader::read(
                    JsonInput::fromArray(get_object_vars($event)),
                ),
                $events,
            ),
        );

        return (object) [
            'putts' => array_map(
                static fn(LoggedBall $putt): \stdClass => (object) [
                    'id' => $putt->id,
                    'roll_m' => $putt->ball->roll?->metres(),
                    'stop' => $putt->ball->stop->value,
                    'mark' => $putt->ball->remarks->mark?->value,
                    'cause' => $putt->ball->remarks->cause?->value,
                    'seen' => (object) $putt->ball->sight->answers,
                    'corrections' => $putt->corrections,
                ],
                $log->putts,
            ),
            'stations' => array_map(
                static fn(SessionStation $station): array => [$station->id, $station->length->metres()],
                $log->stations,
            ),
            'conditions' => array_map(static fn(Condition $condition): string => $condition->value, $log->conditions),
            'dismissed_insights' => array_map(
                static fn(DismissedInsight $note): string => $note->key,
                $log->dismissedInsights,
            ),
        ];
    }

    /** @return iterable<string, array{\stdClass}> */
    public static function acceptances(): iterable
    {
        yield from self::cases('acceptance');
    }

    /** @return iterable<string, array{\stdClass}> */
    public static function foldings(): iterable
    {
        yield from self::cases('waiting');
    }

    /** @return iterable<string, array{\stdClass}> */
    private static function cases(string $file): iterable
    {
        foreach (
            json_decode(
                (string) file_get_contents(dirname(__DIR__, 3) . "/contract/cases/$file.json"),
                false,
                32,
                JSON_THROW_ON_ERROR,
            )
            as $case
        ) {
            yield $case->name => [$case];
        }
    }
}

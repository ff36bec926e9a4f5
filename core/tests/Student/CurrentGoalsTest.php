<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Student;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Student\Complaint;
use Amble\Core\Student\CurrentGoals;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One thing or two are in work; more need their reason, which is kept. */
final class CurrentGoalsTest extends TestCase
{
    /** @param array<string, mixed> $given */
    private static function read(array $given): CurrentGoals
    {
        return CurrentGoals::read(JsonInput::parse(json_encode((object) $given, JSON_THROW_ON_ERROR)));
    }

    public function testWhatWasSaidIsKeptAndReadBackTheSame(): void
    {
        $given = [
            'complaint' => 'Everything comes up short',
            'about' => 'pace',
            'goal' => 'No three-putt from 25 ft',
            'focuses' => [
                ['text' => 'Same beat', 'reason' => null],
                ['text' => 'Eyes down', 'reason' => null],
                ['text' => 'Routine', 'reason' => 'Asked for it'],
            ],
            'faults' => [
                ['fault' => 'Quickens', 'shows' => 'long ones fly', 'cure' => 'metronome', 'is_open' => true],
                ['fault' => 'Grip', 'shows' => null, 'cure' => null, 'is_open' => false],
            ],
        ];
        $inWork = self::read($given);
        self::assertSame(Complaint::Pace, $inWork->about);
        self::assertSame($given, $inWork->toArray());
        self::assertSame($given, self::read($inWork->toArray())->toArray());
        self::assertSame(CurrentGoals::nothing()->toArray(), self::read([])->toArray());
    }

    /** @param array<string, mixed> $given */
    #[DataProvider('refused')]
    public function testWhatIsMissingIsNamed(array $given, string $field): void
    {
        try {
            self::read($given);
            self::fail('It was taken.');
        } catch (InvalidInput $refused) {
            self::assertSame($field, $refused->field());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        $two = [['text' => 'One'], ['text' => 'Two']];
        yield 'a third without its reason' => [['focuses' => [...$two, ['text' => 'Three']]], 'focuses.2.reason'];
        yield 'a focus of no words' => [['focuses' => [['text' => '']]], 'focuses.0.text'];
        yield 'a fault of no words' => [['faults' => [['cure' => 'Rest']]], 'faults.0.fault'];
        yield 'a complaint about the weather' => [['about' => 'weather'], 'about'];
        yield 'a goal that is a book' => [['goal' => str_repeat('x', 301)], 'goal'];
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Student;

use Amble\Core\Json\JsonInput;
use Amble\Core\Student\Retention;
use Amble\Core\Student\StudentProfile;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

final class RetentionTest extends TestCase
{
    use TestTrait;

    public function testWithoutADayTheyMayBeKept(): void
    {
        self::assertNull(Retention::of(StudentProfile::nothing()));
    }

    public function testTheDayItselfIsStillAllowedAndTheLastOfThirtyIsTheEnd(): void
    {
        $retention = self::until('2026-11-30');
        self::assertSame([false, true], [$retention->isPast('2026-11-30'), $retention->isPast('2026-12-01')]);
        self::assertSame([false, true], [$retention->isOver('2026-12-29'), $retention->isOver('2026-12-30')]);
        self::assertStringContainsString('kept until 30 November 2026, which', $retention->words());
        self::assertStringContainsString('On 30 December 2026 they are deleted permanently', $retention->words());
    }

    public function testADayIsSaidAsPeopleSayIt(): void
    {
        self::assertStringContainsString(
            'until 4 January 2027, which is past. On 3 February 2027 they',
            self::until('2027-01-04')->words(),
        );
    }

    /** Held against PHP's own calendar, over the ends of months, of years, and leap days. */
    public function testTheDayTheyGoIsThirtyDaysOn(): void
    {
        $this->limitTo(400)
            ->forAll(Generators::choose(0, 60_000))
            ->then(static function (int $days): void {
                $until = (new \DateTimeImmutable('1995-01-01'))->modify("+$days days");
                self::assertSame(
                    $until->modify('+30 days')->format('Y-m-d'),
                    self::until($until->format('Y-m-d'))->goneOn,
                );
            });
    }

    private static function until(string $day): Retention
    {
        $retention = Retention::of(StudentProfile::read(JsonInput::fromArray(['keep_until' => $day])));
        self::assertNotNull($retention);

        return $retention;
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Calendar;

use Amble\Core\Calendar\Appointment;
use Amble\Core\Calendar\Clashes;
use Amble\Core\Tests\PropertyTestCase;
use Eris\Generators;

final class ClashesTest extends PropertyTestCase
{
    private static function at(
        string $id,
        int $fromMinutes,
        int $minutes,
        ?string $place = 'lawn',
        int $travel = 0,
    ): Appointment {
        return new Appointment($id, $id, 60 * $fromMinutes, 60 * ($fromMinutes + $minutes), $place, $travel);
    }

    public function testWhatOverlapsIsSaidOfBothAndATightWayOfTheSecond(): void
    {
        self::assertSame([], Clashes::of([self::at('A', 0, 60), self::at('B', 60, 60)]));
        self::assertSame(
            ['A' => ['It overlaps with B.'], 'B' => ['It overlaps with A.']],
            Clashes::of([self::at('B', 59, 60), self::at('A', 0, 60)]),
        );
        $way = [self::at('A', 0, 60), self::at('B', 70, 60, 'loft', 20)];
        self::assertSame(['B' => ['From A there are 10 minutes, and the way takes 20.']], Clashes::of($way));
        // The same place needs no way, nor does one nobody named.
        self::assertSame([], Clashes::of([self::at('A', 0, 60), self::at('B', 70, 60, 'lawn', 20)]));
        self::assertSame([], Clashes::of([self::at('A', 0, 60, null), self::at('B', 70, 60, 'loft', 20)]));
        // One that fits in between does not hide the next, whose place is far.
        self::assertSame(
            [
                'C' => [
                    'From A there are 20 minutes, and the way takes 60.',
                    'From B there are 5 minutes, and the way takes 60.',
                ],
            ],
            Clashes::of([self::at('A', 0, 60), self::at('B', 65, 10), self::at('C', 80, 60, 'loft', 60)]),
        );
        // A long one reaches over a short one that follows it.
        self::assertSame(
            ['A', 'B', 'C'],
            array_keys(Clashes::of([self::at('A', 0, 600), self::at('B', 60, 10), self::at('C', 590, 60)])),
        );
    }

    public function testOfManyThatOverlapThreeAreNamedAndTheOthersCounted(): void
    {
        $clashes = Clashes::of(array_map(static fn(int $i): Appointment => self::at("A$i", $i, 60), range(1, 6)));
        self::assertSame(
            ['It overlaps with A1.', 'It overlaps with A2.', 'It overlaps with A3.', 'It overlaps with 2 more.'],
            $clashes['A6'],
        );
    }

    public function testTwoClashJustWhereTheyShareAMoment(): void
    {
        $this->limitTo(200)
            ->forAll(
                Generators::choose(0, 300),
                Generators::choose(1, 120),
                Generators::choose(0, 300),
                Generators::choose(1, 120),
            )
            ->then(static function (int $a, int $long, int $b, int $other): void {
                $share = $a < $b + $other && $b < $a + $long;
                self::assertSame(
                    $share ? 2 : 0,
                    count(Clashes::of([self::at('A', $a, $long), self::at('B', $b, $other)])),
                );
            });
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Session;

use Amble\Core\Session\Observation\ObservationTypes;
use PHPUnit\Framework\TestCase;

final class ObservationTypesTest extends TestCase
{
    /** Whatever an answer says of another kind is an answer of that kind, and of one that is noted before a ball. */
    public function testWhatAnAnswerSaysOfAnotherKindCanBeKept(): void
    {
        $told = 0;
        foreach (ObservationTypes::all() as $kind) {
            foreach (
                [...array_values(self::pairs($kind->tells)), ...array_values(self::pairs($kind->tellsOfNext))]
                as [$name, $answer, $other]
            ) {
                self::assertArrayHasKey($answer, $kind->answers->words);
                self::assertArrayHasKey($other, ObservationTypes::all()[$name]->answers->words);
                self::assertTrue(ObservationTypes::all()[$name]->isBefore);
                ++$told;
            }
        }
        self::assertGreaterThan(0, $told);
    }

    /** Seen from the other end, left is right and up is down. */
    public function testThePuttBackIsTheMirrorOfHowTheBallRanPast(): void
    {
        self::assertSame(
            ['left' => 'right', 'straight' => 'straight', 'right' => 'left'],
            ObservationTypes::all()['curved_beyond']->tellsOfNext['read_side'],
        );
        self::assertSame(
            ['up' => 'down', 'level' => 'level', 'down' => 'up'],
            ObservationTypes::all()['sloped_beyond']->tellsOfNext['read_grade'],
        );
        // It breaks to the lower foot, and where water runs.
        self::assertSame('left', ObservationTypes::all()['higher_foot']->tells['read_side']['right']);
        self::assertSame(
            ['left', 'down'],
            [
                ObservationTypes::all()['water']->tells['read_side']['left'],
                ObservationTypes::all()['water']->tells['read_grade']['on'],
            ],
        );
    }

    /**
     * @param array<string, array<string, string>> $tells
     *
     * @return list<array{string, string, string}>
     */
    private static function pairs(array $tells): array
    {
        $pairs = [];
        foreach ($tells as $name => $answers) {
            foreach ($answers as $answer => $other) {
                $pairs[] = [$name, $answer, $other];
            }
        }

        return $pairs;
    }
}

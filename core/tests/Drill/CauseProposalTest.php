<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Drill;

use Amble\Core\Drill\CauseProposal;
use Amble\Core\Drill\DrillRules;
use Amble\Core\Drill\DrillRun;
use PHPUnit\Framework\Attributes\DataProvider;

final class CauseProposalTest extends DrillTestCase
{
    /** At 1 m and 55 mm wide it lets through 0.35 degrees; the hole takes 0.77 from 4 m. */
    private static function gate(float $width = 0.055): DrillRules
    {
        return self::drill([
            'pass' => ['kind' => 'through_gate'],
            'aid' => ['kind' => 'gate', 'width_m' => $width, 'distance_m' => 1.0],
        ]);
    }

    /** The gate is looked at, and only holing passes. */
    private static function holedAfterGate(float $width = 0.055): DrillRules
    {
        return self::drill([
            'pass' => ['kind' => 'holed'],
            'aid' => ['kind' => 'gate', 'width_m' => $width, 'distance_m' => 1.0],
        ]);
    }

    /** @param array<string, mixed> $seen */
    #[DataProvider('balls')]
    public function testEachCauseOnlyWhereItsEvidenceIs(
        DrillRules $drill,
        float $roll,
        array $seen,
        ?string $cause,
        bool $isStraight = false,
    ): void {
        $last = DrillRun::fold($drill, [self::ball(0, $roll, $seen)], 1)->last;
        self::assertNotNull($last);
        self::assertSame($cause, CauseProposal::of($last, $drill, $isStraight)?->value);
    }

    /** @return iterable<string, array{0: DrillRules, 1: float, 2: array<string, mixed>, 3: string|null, 4?: bool}> */
    public static function balls(): iterable
    {
        $length = self::drill();
        yield 'inside its window, nothing is wrong but the hole' => [$length, 4.1, [], null];
        yield 'holed' => [$length, 4.0, ['stop' => 'holed'], null];
        yield 'too short' => [$length, 3.0, [], 'pace'];
        yield 'struck off the middle comes before its pace' => [$length, 3.0, ['mark' => 'mishit'], 'strike'];
        yield 'off the gate comes before its pace' => [self::gate(), 3.0, ['gate' => 'left'], 'start_line'];
        // A ball that did what its drill asks is asked no cause, whether it dropped or not.
        yield 'a good start, too short' => [self::gate(), 3.0, ['gate' => 'through'], null];
        yield 'a good start at a good pace that missed' => [self::gate(), 4.2, ['gate' => 'through'], null];
        yield 'past a gate to a hole that alone counts, it was misread' => [
            self::holedAfterGate(),
            4.2,
            ['gate' => 'through'],
            'read',
        ];
        yield 'unless the putt was proved straight' => [
            self::holedAfterGate(),
            4.2,
            ['gate' => 'through'],
            'luck',
            true,
        ];
        yield 'too short for that hole' => [self::holedAfterGate(), 3.0, ['gate' => 'through'], 'pace'];
        yield 'a gate easier than the hole clears no start' => [
            self::holedAfterGate(0.08),
            4.2,
            ['gate' => 'through'],
            null,
        ];
        yield 'outside it, the start is to blame all the same' => [
            self::gate(0.08),
            4.2,
            ['gate' => 'right'],
            'start_line',
        ];
        yield 'a good start nobody measured tells nothing more' => [
            self::gate(),
            4.2,
            ['gate' => 'through', 'roll_m' => null, 'stop' => 'unseen'],
            null,
        ];
    }
}

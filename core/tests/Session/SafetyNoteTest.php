<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Session;

use Amble\Core\Session\Condition;
use Amble\Core\Session\Disturbance;
use Amble\Core\Session\SafetyContext;
use Amble\Core\Session\SafetyNote;
use Amble\Core\Session\SessionStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each caution comes at its step, when there is reason for it, and at no other time. */
final class SafetyNoteTest extends TestCase
{
    #[DataProvider('reasons')]
    public function testACautionComesWithItsReasonAndGoesWithIt(
        SafetyNote $caution,
        SessionStep $step,
        SafetyContext $with,
        SafetyContext $without,
    ): void {
        self::assertContains($caution, SafetyNote::at($step, $with));
        self::assertNotContains($caution, SafetyNote::at($step, $without));
    }

    /** @return iterable<string, array{SafetyNote, SessionStep, SafetyContext, SafetyContext}> */
    public static function reasons(): iterable
    {
        $calm = new SafetyContext();
        yield 'storm' => [SafetyNote::Storm, SessionStep::CheckIn, new SafetyContext([Condition::Storm]), $calm];
        yield 'storm while rolling' => [
            SafetyNote::Storm,
            SessionStep::Putt,
            new SafetyContext([Condition::Storm]),
            $calm,
        ];
        yield 'sun' => [SafetyNote::Sun, SessionStep::CheckIn, new SafetyContext([Condition::Sun]), $calm];
        yield 'cold' => [
            SafetyNote::Cold,
            SessionStep::CheckIn,
            new SafetyContext([Condition::Cold]),
            new SafetyContext([Condition::Dew]),
        ];
        yield 'consent' => [SafetyNote::Consent, SessionStep::CheckIn, new SafetyContext(hasMinor: true), $calm];
        yield 'one who watches' => [
            SafetyNote::Supervise,
            SessionStep::CheckIn,
            new SafetyContext(isGroup: true, hasMinor: true),
            new SafetyContext(hasMinor: true),
        ];
        yield 'indoors' => [SafetyNote::Indoors, SessionStep::CheckIn, new SafetyContext(isGrass: false), $calm];
        yield 'whose green it is' => [
            SafetyNote::Local,
            SessionStep::GreenSpeed,
            $calm,
            new SafetyContext(isGrass: false),
        ];
        yield 'cored' => [SafetyNote::WeakTurf, SessionStep::GreenSpeed, new SafetyContext([Condition::Cored]), $calm];
        yield 'rain' => [
            SafetyNote::WeakTurf,
            SessionStep::GreenSpeed,
            new SafetyContext([Condition::Rain]),
            new SafetyContext([Condition::Wind]),
        ];
        yield 'leave of the greenkeeper' => [
            SafetyNote::Stakes,
            SessionStep::Stations,
            $calm,
            new SafetyContext(isGrass: false),
        ];
        yield 'the edge of the cup' => [
            SafetyNote::Wear,
            SessionStep::Stations,
            $calm,
            new SafetyContext(isGrass: false),
        ];
        yield 'eyes elsewhere' => [
            SafetyNote::Elsewhere,
            SessionStep::Putt,
            new SafetyContext(looksElsewhere: true),
            $calm,
        ];
        yield 'others' => [
            SafetyNote::Others,
            SessionStep::Putt,
            new SafetyContext(disturbances: [Disturbance::Players]),
            new SafetyContext(disturbances: [Disturbance::Wind]),
        ];
        yield 'insects' => [
            SafetyNote::Insects,
            SessionStep::Putt,
            new SafetyContext(disturbances: [Disturbance::Insects]),
            $calm,
        ];
        yield 'many balls' => [
            SafetyNote::ManyBalls,
            SessionStep::Putt,
            new SafetyContext(balls: 60),
            new SafetyContext(balls: 59),
        ];
        yield 'balls underfoot' => [SafetyNote::Underfoot, SessionStep::Putt, new SafetyContext(balls: 1), $calm];
        yield 'a group underfoot' => [
            SafetyNote::Underfoot,
            SessionStep::Putt,
            new SafetyContext(isGroup: true),
            $calm,
        ];
        yield 'swings' => [SafetyNote::Swings, SessionStep::Putt, $calm, new SafetyContext(isGrass: false)];
    }

    public function testTheStormComesFirstAndWhatAlwaysHoldsStandsAtItsStepAlone(): void
    {
        self::assertSame(
            SafetyNote::Storm,
            SafetyNote::at(
                SessionStep::CheckIn,
                new SafetyContext([Condition::Cold, Condition::Sun, Condition::Storm]),
            )[0],
        );
        self::assertSame([], SafetyNote::at(SessionStep::CheckIn, new SafetyContext([Condition::Dew])));
        $steps = static fn(SafetyNote $caution): array => array_values(
            array_filter(
                SessionStep::cases(),
                static fn(SessionStep $step): bool => in_array(
                    $caution,
                    SafetyNote::at($step, new SafetyContext()),
                    true,
                ),
            ),
        );
        self::assertSame(
            [[SessionStep::Stations], [SessionStep::Stations], [SessionStep::Putt], [SessionStep::WrapUp]],
            array_map($steps, [SafetyNote::Pacing, SafetyNote::Trip, SafetyNote::Backs, SafetyNote::Practice]),
        );
    }
}

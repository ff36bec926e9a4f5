<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Session;

use Amble\Core\Session\Caution;
use Amble\Core\Session\Condition;
use Amble\Core\Session\Disturbance;
use Amble\Core\Session\Step;
use Amble\Core\Session\Surroundings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each caution comes at its step, when there is reason for it, and at no other time. */
final class CautionTest extends TestCase
{
    #[DataProvider('reasons')]
    public function testACautionComesWithItsReasonAndGoesWithIt(Caution $caution, Step $step, Surroundings $with, Surroundings $without): void
    {
        self::assertContains($caution, Caution::at($step, $with));
        self::assertNotContains($caution, Caution::at($step, $without));
    }

    /** @return iterable<string, array{Caution, Step, Surroundings, Surroundings}> */
    public static function reasons(): iterable
    {
        $calm = new Surroundings();
        yield 'storm' => [Caution::Storm, Step::Arrive, new Surroundings([Condition::Storm]), $calm];
        yield 'storm while rolling' => [Caution::Storm, Step::Roll, new Surroundings([Condition::Storm]), $calm];
        yield 'sun' => [Caution::Sun, Step::Arrive, new Surroundings([Condition::Sun]), $calm];
        yield 'cold' => [Caution::Cold, Step::Arrive, new Surroundings([Condition::Cold]), new Surroundings([Condition::Dew])];
        yield 'consent' => [Caution::Consent, Step::Arrive, new Surroundings(hasMinor: true), $calm];
        yield 'one who watches' => [Caution::Supervise, Step::Arrive, new Surroundings(isGroup: true, hasMinor: true), new Surroundings(hasMinor: true)];
        yield 'indoors' => [Caution::Indoors, Step::Arrive, new Surroundings(isGrass: false), $calm];
        yield 'whose green it is' => [Caution::Local, Step::Green, $calm, new Surroundings(isGrass: false)];
        yield 'cored' => [Caution::WeakTurf, Step::Green, new Surroundings([Condition::Cored]), $calm];
        yield 'rain' => [Caution::WeakTurf, Step::Green, new Surroundings([Condition::Rain]), new Surroundings([Condition::Wind])];
        yield 'leave of the greenkeeper' => [Caution::Stakes, Step::SetOut, $calm, new Surroundings(isGrass: false)];
        yield 'the edge of the cup' => [Caution::Wear, Step::SetOut, $calm, new Surroundings(isGrass: false)];
        yield 'eyes elsewhere' => [Caution::Elsewhere, Step::Roll, new Surroundings(looksElsewhere: true), $calm];
        yield 'others' => [Caution::Others, Step::Roll, new Surroundings(disturbances: [Disturbance::Players]), new Surroundings(disturbances: [Disturbance::Wind])];
        yield 'insects' => [Caution::Insects, Step::Roll, new Surroundings(disturbances: [Disturbance::Insects]), $calm];
        yield 'many balls' => [Caution::ManyBalls, Step::Roll, new Surroundings(balls: 60), new Surroundings(balls: 59)];
        yield 'balls underfoot' => [Caution::Underfoot, Step::Roll, new Surroundings(balls: 1), $calm];
        yield 'a group underfoot' => [Caution::Underfoot, Step::Roll, new Surroundings(isGroup: true), $calm];
        yield 'swings' => [Caution::Swings, Step::Roll, $calm, new Surroundings(isGrass: false)];
    }

    public function testTheStormComesFirstAndWhatAlwaysHoldsStandsAtItsStepAlone(): void
    {
        self::assertSame(Caution::Storm, Caution::at(Step::Arrive, new Surroundings([Condition::Cold, Condition::Sun, Condition::Storm]))[0]);
        self::assertSame([], Caution::at(Step::Arrive, new Surroundings([Condition::Dew])));
        $steps = static fn(Caution $caution): array => array_values(array_filter(Step::cases(), static fn(Step $step): bool => in_array($caution, Caution::at($step, new Surroundings()), true)));
        self::assertSame([[Step::SetOut], [Step::SetOut], [Step::Roll], [Step::CarryOn]], array_map($steps, [Caution::Pacing, Caution::Trip, Caution::Backs, Caution::Practice]));
    }
}

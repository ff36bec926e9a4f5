<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Strokes;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\SeededRandom;
use Amble\Core\Roll\Capture;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Strokes\Player;
use Amble\Core\Strokes\PlayerFigure;
use Amble\Core\Strokes\StrokesAtStake;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Length;

final class ExpectedPuttsTest extends PropertyTestCase
{
    private static function player(
        float $spreadDegrees,
        float $paceSpread,
        float $pace = 0.3,
        float $biasDegrees = 0.0,
        float $paceBias = 0.0,
    ): Player {
        return Player::of(deg2rad($biasDegrees), deg2rad($spreadDegrees), $paceBias, $paceSpread, $pace);
    }

    public function testItAgreesWithPuttingItOutManyTimes(): void
    {
        $player = self::player(1.9, 0.11, 0.3, 0.4, -0.03);
        $speed = GreenSpeed::ofFeet(9.5);
        $random = new SeededRandom(31);
        $balls = 30_000;
        [$putts, $one, $three] = [0, 0, 0];
        for ($ball = 0; $ball < $balls; ++$ball) {
            $needed = self::puttOut(5.0, $player, $speed->deceleration(), $random);
            $putts += $needed;
            $one += $needed === 1 ? 1 : 0;
            $three += $needed >= 3 ? 1 : 0;
        }
        $outcome = (new ExpectedPutts($player, $speed))->from(Length::ofMetres(5.0));
        self::assertEqualsWithDelta($putts / $balls, (float) $outcome->expected, 0.012);
        self::assertEqualsWithDelta($one / $balls, (float) $outcome->onePutt, 0.007);
        self::assertEqualsWithDelta($three / $balls, (float) $outcome->threeOrMore, 0.008);
    }

    private static function puttOut(float $distance, Player $player, float $slowing, SeededRandom $random): int
    {
        for ($putts = 1; $putts < 50 && $distance > 0.15; ++$putts) {
            $rolled = max(
                0.0,
                ($distance + $player->pace) * (1.0 + $player->paceBias + $player->paceSpread * $random->normal()),
            );
            $line = $player->lineBias + $player->lineSpread * $random->normal();
            $reaches = $rolled >= $distance;
            if ($reaches && Capture::catches($distance * tan($line), sqrt(2 * $slowing * ($rolled - $distance)))) {
                return $putts;
            }
            $distance = min(30.0, hypot($distance - $rolled, $rolled * tan($line)));
        }

        return $putts;
    }

    public function testTheShippedPairsGiveTheRatesTheyStandFor(): void
    {
        $rate = static fn(Player $player, float $feet): float => (float) (new ExpectedPutts(
            $player,
            GreenSpeed::ofFeet(10.0),
        ))->from(Length::ofFeet($feet))->onePutt;
        self::assertEqualsWithDelta(0.5, $rate(self::player(1.35, 0.065), 8.0), 0.03);
        self::assertEqualsWithDelta(0.4, $rate(self::player(2.2, 0.12), 6.0), 0.05);
    }

    public function testLongerPuttsNeedMoreAndChancesAreChances(): void
    {
        $putts = new ExpectedPutts(self::player(1.6, 0.1), GreenSpeed::ofFeet(10.0));
        $before = 0.0;
        foreach ([0.1, 0.2, 0.6, 1.5, 4.0, 10.0, 25.0, 40.0] as $metres) {
            $outcome = $putts->from(Length::ofMetres($metres));
            self::assertGreaterThanOrEqual($before, $outcome->expected);
            self::assertGreaterThanOrEqual(0.0, $outcome->threeOrMore);
            self::assertLessThanOrEqual(1.0 + 1e-9, $outcome->onePutt + $outcome->threeOrMore);
            $before = (float) $outcome->expected;
        }
    }

    public function testAPerfectPlayerHolesEverythingAndANobodyPaceHasNoAnswer(): void
    {
        $perfect = new ExpectedPutts(self::player(0.0, 0.0), GreenSpeed::ofFeet(10.0));
        self::assertEqualsWithDelta(1.0, (float) $perfect->from(Length::ofMetres(12.0))->expected, 1e-9);
        $tooFast = new ExpectedPutts(self::player(1.0, 0.0, 9.0), GreenSpeed::ofFeet(10.0));
        self::assertNull($tooFast->from(Length::ofMetres(3.0))->expected);
        self::assertNull(
            StrokesAtStake::of(self::player(1.0, 0.0, 9.0), GreenSpeed::ofFeet(10.0), [[Length::ofMetres(3.0), 1.0]])
                ->expectedPer18,
        );
    }

    public function testAPlayerWhoHardlyEverHolesHasAnAnswerThatSatisfiesTheEquation(): void
    {
        foreach ([self::player(1.15, 0.1, 0.3, 11.5), self::player(17.0, 0.5, 1.0)] as $player) {
            $putts = new ExpectedPutts($player, GreenSpeed::ofFeet(10.0));
            // The furthest distance solved for: one more round from it must not move it.
            $furthest = Length::ofMetres(30.0);
            self::assertGreaterThan(4.0, $putts->from($furthest)->expected);
            self::assertEqualsWithDelta($putts->after($furthest), $putts->from($furthest)->expected, 1e-5);
        }
    }

    public function testAStakeIsTheFallOver18HolesWithASkillAQuarterBetter(): void
    {
        $speed = GreenSpeed::ofFeet(10.0);
        $mix = [[Length::ofMetres(3.0), 1.0]];
        $putts = static fn(float $lineSpread): float => (float) (new ExpectedPutts(
            self::player($lineSpread, 0.12),
            $speed,
        ))->over($mix);
        self::assertEqualsWithDelta(
            18.0 * ($putts(1.8) - $putts(0.75 * 1.8)),
            StrokesAtStake::of(self::player(1.8, 0.12), $speed, $mix)->stakes[PlayerFigure::LineSpread->value],
            1e-6,
        );
    }

    public function testWhatIsAtStakeFollowsTheLengthsPlayed(): void
    {
        $player = self::player(1.8, 0.12, 0.3, 0.8);
        $stakes = static fn(float $metres): array => StrokesAtStake::of($player, GreenSpeed::ofFeet(10.0), [
            [Length::ofMetres($metres), 1.0],
        ])->stakes;
        [$near, $far] = [$stakes(1.8), $stakes(14.0)];
        self::assertGreaterThan($near[PlayerFigure::PaceSpread->value], $near[PlayerFigure::LineSpread->value]);
        self::assertGreaterThan($far[PlayerFigure::LineSpread->value], $far[PlayerFigure::PaceSpread->value]);
        self::assertGreaterThan(0.0, $near[PlayerFigure::LineBias->value]);
        self::assertSame(0.0, $near[PlayerFigure::PaceBias->value]);
        self::assertSame(max($far), array_values($far)[0]);
    }
}

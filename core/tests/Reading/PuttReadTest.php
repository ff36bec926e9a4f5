<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Reading;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Json\JsonInput;
use Amble\Core\Reading\EffectiveWidth;
use Amble\Core\Reading\HoleClock;
use Amble\Core\Reading\PaceKind;
use Amble\Core\Reading\PaceLine;
use Amble\Core\Reading\PuttRead;
use Amble\Core\Reading\PuttSituation;
use Amble\Core\Reading\StrikeError;
use Amble\Core\Reading\WornSide;
use Amble\Core\Strokes\ExpectedPutts;
use Amble\Core\Strokes\Player;
use Amble\Core\Student\Hand;
use Amble\Core\Tests\PropertyTestCase;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;

final class PuttReadTest extends PropertyTestCase
{
    /** @param array<string, mixed> $with */
    private static function asked(array $with = []): PuttSituation
    {
        return PuttSituation::read(
            JsonInput::parse(
                json_encode(
                    $with + [
                        'length_m' => 5.0,
                        'speed_m' => 3.0,
                        'pace_m' => 0.3,
                        'slope' => ['by' => 'grades', 'along_percent' => -1.0, 'across_percent' => 2.0],
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            ),
        );
    }

    public function testTheClockAndTheGradesAreOneGround(): void
    {
        $this->forAll(self::between(0.01, 12.0), self::between(0.2, 5.0))->then(static function (
            float $hour,
            float $steep,
        ): void {
            $clock = HoleClock::at($hour, Grade::ofPercent($steep));
            $back = HoleClock::of($clock->along(), $clock->across());
            self::assertEqualsWithDelta($steep, 100.0 * $back->steepness, 1e-9);
            self::assertEqualsWithDelta(0.0, sin((($back->hour - $hour) * M_PI) / 6.0), 1e-9);
            self::assertGreaterThan(0.0, cos((($back->hour - $hour) * M_PI) / 6.0));
        });
        // Uphill from 6, down from 12; from 3 the hill is on the right, from 9 on the left.
        $at = static fn(float $hour): array => [
            round(HoleClock::at($hour, Grade::ofPercent(2.0))->along()->percent(), 9),
            round(HoleClock::at($hour, Grade::ofPercent(2.0))->across()->percent(), 9),
        ];
        self::assertEquals(
            [[2.0, 0.0], [-2.0, 0.0], [0.0, 2.0], [0.0, -2.0]],
            [$at(6.0), $at(12.0), $at(3.0), $at(9.0)],
        );
    }

    public function testTheHigherFootIsTheSideTheBallBreaksFrom(): void
    {
        $feet = static fn(string $higher): float => self::asked([
            'slope' => ['by' => 'feet', 'higher' => $higher, 'by_m' => 0.01, 'stance_m' => 0.5, 'along_percent' => 1.0],
        ])->surface->across->percent();
        self::assertEqualsWithDelta([-2.0, 0.0, 2.0], [$feet('left'), $feet('even'), $feet('right')], 1e-9);
    }

    public function testAMirroredGroundIsReadMirrored(): void
    {
        $look = static fn(float $across): PuttRead => PuttRead::of(
            self::asked(['slope' => ['by' => 'grades', 'along_percent' => -1.0, 'across_percent' => $across]]),
            Hand::Left,
        );
        [$right, $left] = [$look(2.0), $look(-2.0)];
        foreach ($right->lines as $i => $line) {
            self::assertEqualsWithDelta(
                (float) $line->read?->aimOffset(),
                -(float) $left->lines[$i]->read?->aimOffset(),
                1e-6,
            );
        }
        self::assertEqualsWithDelta($right->slips[0]->leave ?? -1.0, $left->slips[1]->leave ?? -1.0, 1e-6);
        self::assertStringContainsString('breaks left, away from the feet', $right->words[0]);
        self::assertStringContainsString('breaks right, towards the feet', $left->words[0]);
        self::assertSame([PaceKind::Meant, PaceKind::Dying, PaceKind::Firm], array_column($right->lines, 'kind'));
        // The firmer, the straighter.
        self::assertGreaterThan($right->lines[0]->read?->aimOffset(), $right->lines[1]->read?->aimOffset());
        self::assertLessThan($right->lines[0]->read?->aimOffset(), $right->lines[2]->read?->aimOffset());
    }

    public function testASlipIsWhatTheBallDoesAndItsWayBackLeadsToTheHole(): void
    {
        $putt = self::asked([
            'length_m' => 9.0,
            'slope' => ['by' => 'grades', 'along_percent' => -2.0, 'across_percent' => 0.5],
        ]);
        $rates = new ExpectedPutts(Player::ordinary(0.3), $putt->surface->speed);
        $look = PuttRead::of($putt, null, null, $rates, Player::ordinary(0.3));
        self::assertSame(['left', 'right', 'short', 'long'], array_column($look->slips, 'key'));
        [, , $short, $long] = $look->slips;
        self::assertLessThan(9.0, $short->rest?->x);
        self::assertGreaterThan(9.0, $long->rest?->x);
        self::assertSame('downhill', explode(',', (string) $short->back())[0]);
        self::assertStringStartsWith('uphill', (string) $long->back());
        // Short of the hole the ground still rises to the right; from beyond it, it rises to the left.
        self::assertStringContainsString('breaking left', (string) $short->back());
        self::assertStringContainsString('breaking right', (string) $long->back());
        $near = PuttRead::of(
            self::asked([
                'length_m' => 0.8,
                'slope' => ['by' => 'grades', 'along_percent' => 0.0, 'across_percent' => 0.0],
            ]),
            null,
        );
        self::assertSame([0.0, 0.0, 0.0, 0.0], $near->strokes);
        foreach ($look->slips as $i => $slip) {
            self::assertSame($rates->after(Length::ofMetres((float) $slip->leave)), $look->strokes[$i]);
            self::assertEqualsWithDelta(
                hypot(9.0 - (float) $slip->rest?->x, (float) $slip->rest?->y),
                (float) $slip->leave,
                1e-9,
            );
        }
        self::assertGreaterThan(0.0, $look->degreeCosts);
        self::assertGreaterThan(0.0, $look->tenthCosts);
    }

    public function testAHabitOnTheFirstPuttCostsOnlyThere(): void
    {
        $speed = GreenSpeed::ofFeet(10.0);
        $player = Player::ordinary(0.3);
        $rates = new ExpectedPutts($player, $speed);
        $once = (float) $rates->from(Length::ofMetres(3.0), $player->off(0.05, 0.0))->expected;
        $always = (float) (new ExpectedPutts($player->off(0.05, 0.0), $speed))->from(Length::ofMetres(3.0))->expected;
        self::assertGreaterThan((float) $rates->from(Length::ofMetres(3.0))->expected, $once);
        self::assertLessThan($always, $once);
        self::assertEqualsWithDelta(
            (float) $rates->from(Length::ofMetres(3.0))->expected,
            (float) $rates->after(Length::ofMetres(3.0)),
            0.01,
        );
        self::assertSame(1.0, $rates->after(Length::ofMetres(0.1)));
    }

    public function testAPacePointIsWhereABallIsSpentAndTheFallTakesItOn(): void
    {
        // The ground falls 15 cm from 3.4 m on; the hole is at 5 m.
        $line = static fn(float $before, ?float $start): PaceLine => PuttRead::of(
            self::asked([
                'pace_point_m' => $before,
                'slope' => ['by' => 'grades', 'along_percent' => 0.0, 'across_percent' => 0.0],
                'tier' => $start === null ? null : ['height_m' => -0.15, 'run_m' => 1.0, 'start_m' => $start],
            ]),
            null,
        )->lines[0];
        $over = $line(1.3, 3.4);
        // Struck to roll 3.7 m on the level, it runs on past the hole; a little further, further past.
        self::assertEqualsWithDelta(3.7, (float) $over->read?->playsLike(), 1e-3);
        self::assertGreaterThan(0.0, $over->pace);
        self::assertGreaterThan($over->pace, $line(1.2, 3.4)->pace);
        // A step up belongs to the way there: on its face nothing can be spent.
        $climb = PuttRead::of(
            self::asked([
                'pace_point_m' => 1.3,
                'slope' => ['by' => 'grades', 'along_percent' => 0.0, 'across_percent' => 0.0],
                'tier' => ['height_m' => 0.15, 'run_m' => 1.0, 'start_m' => 3.2],
            ]),
            null,
        )->lines[0];
        self::assertSame('Beyond the hole the ball would not come to rest.', $climb->reason);
        // Spent at the brow, or where nothing falls, it stays.
        foreach ([$line(1.6, 3.4), $line(1.3, null)] as $stays) {
            self::assertSame(
                'A ball that stops at that point stays there: it does not reach the hole.',
                $stays->reason,
            );
            self::assertNull($stays->read);
        }
    }

    public function testWhereNoPaceCanBeHeldTheReasonIsSaidForEachLine(): void
    {
        $look = PuttRead::of(
            self::asked([
                'slope' => ['by' => 'grades', 'along_percent' => 0.0, 'across_percent' => 0.0],
                'tier' => ['height_m' => -0.3, 'run_m' => 1.2, 'start_m' => 2.5],
            ]),
            null,
        );
        self::assertSame('Every ball that reaches the hole runs further past than that.', $look->lines[0]->reason);
        self::assertSame($look->lines[0]->reason, $look->lines[1]->reason);
        self::assertSame([], $look->slips);
        self::assertSame($look->lines[0]->reason, $look->words[0]);
    }

    public function testWhereItBeginsToDieItRunsAtHalfAStepASecond(): void
    {
        $look = PuttRead::of(
            self::asked(['slope' => ['by' => 'grades', 'along_percent' => 0.0, 'across_percent' => 0.0]]),
            null,
        );
        // Level: v² = 2 a0 to the stop, 0.3 m past; told to a twentieth of a second.
        $a0 = GreenSpeed::ofMetres(3.0)->deceleration();
        self::assertEqualsWithDelta(0.25 / (2.0 * $a0) - 0.3, (float) $look->lines[0]->dying(5.0), 0.03);
    }

    public function testHintsGoByTheCase(): void
    {
        $hints = static fn(float $along, float $across, float $length): string => implode(
            ' ',
            PuttRead::of(
                self::asked([
                    'length_m' => $length,
                    'slope' => ['by' => 'grades', 'along_percent' => $along, 'across_percent' => $across],
                ]),
                null,
            )->hints,
        );
        self::assertStringContainsString('No slope seen', $hints(0.0, 0.0, 4.0));
        self::assertSame('Straight uphill: it may be firm.', $hints(1.0, 0.0, 4.0));
        self::assertStringContainsString('past the hole is no harm', $hints(2.5, 1.0, 4.0));
        self::assertStringContainsString('Very short', $hints(0.0, 0.5, 0.8));
        self::assertStringContainsString('Straight downhill', $hints(-1.0, 0.0, 4.0));
        self::assertStringContainsString('read too small', $hints(-1.0, 3.0, 5.0));
        self::assertStringContainsString('from half-way', $hints(0.5, 1.0, 9.0));
        self::assertSame('', $hints(0.5, 1.0, 4.0));
    }

    public function testGrainIsToldAsASignUntilItsStrengthIsGiven(): void
    {
        $look = static fn(?float $strength): PuttRead => PuttRead::of(
            self::asked(['grain' => ['worn' => 'near', 'strength' => $strength]]),
            null,
        );
        self::assertNull($look(null)->putt->surface->grain);
        self::assertContains('Into the grain: the ball slows sooner.', $look(null)->words);
        self::assertGreaterThan($look(null)->lines[0]->read?->playsLike(), $look(0.1)->lines[0]->read?->playsLike());
        self::assertSame(
            'With the grain: the ball runs more freely, and drifts to the left at the end.',
            WornSide::FarLeft->sentence(),
        );
    }

    public function testAMeetingOfTargetsIsWhatTouches(): void
    {
        $widths = array_column(EffectiveWidth::all(Length::ofMetres(2.0)), 'half', 'target');
        self::assertEqualsWithDelta(['hole' => 0.054, 'ball' => 0.04267, 'tee' => 0.0238], $widths, 1e-4);
    }

    public function testABallStruckAsReadDrops(): void
    {
        $this->limitTo(40)
            ->forAll(self::between(-2.0, 3.0), self::between(-2.5, 2.5), self::between(1.0, 9.0))
            ->then(static function (float $along, float $across, float $metres): void {
                $putt = self::asked([
                    'length_m' => $metres,
                    'slope' => ['by' => 'grades', 'along_percent' => $along, 'across_percent' => $across],
                ]);
                $read = PuttRead::of($putt, null)->lines[0]->read;
                self::assertNotNull($read);
                self::assertTrue(
                    StrikeError::struck(
                        'as read',
                        $putt->surface,
                        $putt->length,
                        (float) $read->startSpeed(),
                        (float) $read->startLine(),
                    )->isHoled,
                );
                // Kept as it was said it is the same putt.
                self::assertEquals(
                    $putt,
                    PuttSituation::read(JsonInput::parse(json_encode($putt->said(), JSON_THROW_ON_ERROR))),
                );
            });
    }

    public function testAPointBehindTheBallIsRefused(): void
    {
        $this->expectException(InvalidInput::class);
        self::asked(['pace_point_m' => 4.95]);
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Tests\Plan;

use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\Equipment\EquipmentItem;
use Amble\Core\Drill\Equipment\EquipmentType;
use Amble\Core\Drill\Level\DrillLengths;
use Amble\Core\Drill\Purpose;
use Amble\Core\Drill\Station;
use Amble\Core\Json\JsonInput;
use Amble\Core\Plan\Block;
use Amble\Core\Plan\BlockKind;
use Amble\Core\Plan\Candidate;
use Amble\Core\Plan\Clash;
use Amble\Core\Plan\DrillMinutes;
use Amble\Core\Plan\GroupEquipment;
use Amble\Core\Plan\Plan;
use Amble\Core\Plan\Planner;
use Amble\Core\Plan\PuttingSkill;
use Amble\Core\Plan\Rota;
use Amble\Core\Plan\SessionLimits;
use Amble\Core\Plan\StudentNeed;
use Amble\Core\Student\CurrentGoals;
use Amble\Core\Tests\PropertyTestCase;
use Eris\Generators;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whatever is at hand and needed, a plan keeps to the minutes, the doses, the kit and the focuses. */
final class PlannerTest extends PropertyTestCase
{
    /** @var list<Candidate>|null */
    private static ?array $library = null;

    /** @return list<array<string, mixed>> the drills that ship, decoded */
    private static function plain(): array
    {
        /** @var array{drills: list<array<string, mixed>>} $library */
        $library = json_decode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/drills/library.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );

        return $library['drills'];
    }

    /** @return list<Candidate> the same */
    private static function library(): array
    {
        return self::$library ??= array_map(
            static fn(array $drill): Candidate => Candidate::unlearned(
                DrillReader::read(
                    JsonInput::parse(json_encode($drill, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
                ),
            ),
            self::plain(),
        );
    }

    private static function candidate(string $key): Candidate
    {
        return array_values(
            array_filter(self::library(), static fn(Candidate $each): bool => $each->key() === $key),
        )[0];
    }

    public function testAPlanKeepsToWhatIsAtHandAndIsTheSameForTheSame(): void
    {
        $this->limitTo(300)
            ->forAll(
                Generators::choose(2, 120),
                Generators::elements('green', 'mat'),
                Generators::elements(true, false),
                Generators::elements(1, 1, 3),
                Generators::elements(null, [], [EquipmentType::Tee, EquipmentType::Rod], EquipmentType::cases()),
                Generators::tuple(self::between(0.0, 2.0), self::between(0.0, 2.0), self::between(0.0, 2.0)),
                Generators::tuple(
                    Generators::elements(0, 10),
                    Generators::elements('then', 'mixed', 'blocked'),
                    Generators::elements(true, false),
                    Generators::choose(0, 53),
                ),
            )
            ->then(static function (
                int $minutes,
                string $place,
                bool $hasHole,
                int $people,
                ?array $bag,
                array $stakes,
                array $more,
            ): void {
                [$away, $repeat, $isGentle, $lately] = $more;
                /** @var 'green'|'mat' $place */
                $day = new SessionLimits(max(1, $minutes), $place, $hasHole, max(1, $people), $bag, $lately % 2 === 0);
                $need = new StudentNeed(
                    array_combine(['pace', 'line', 'read'], $stakes),
                    PuttingSkill::Line,
                    $away,
                    [self::library()[$lately]->key() => 2],
                    null,
                    ['repeat' => $repeat],
                    isGentle: $isGentle,
                );
                $plan = (new Planner($day, $need, self::library()))->plan();

                self::assertEquals($plan, (new Planner($day, $need, self::library()))->plan());
                self::assertLessThanOrEqual($minutes, $plan->planned());
                self::assertSame([], $plan->clashes);
                $keys = array_filter(array_column($plan->blocks, 'drill'));
                self::assertSame($keys, array_unique($keys));
                self::assertSame(array_unique(array_column($plan->blocks, 'id')), array_column($plan->blocks, 'id'));
                $skills = [];
                foreach ($plan->blocks as $block) {
                    self::assertLessThanOrEqual($block->kind->dose(), $block->balls ?? 0);
                    self::assertNotSame('', $block->why);
                    if ($block->drill === null) {
                        continue;
                    }
                    $candidate = self::candidate($block->drill);
                    self::assertSame([], $candidate->against($day, $need), $block->drill);
                    self::assertLessThanOrEqual($candidate->card->rules->cap->balls ?? 999, $block->balls);
                    self::assertGreaterThanOrEqual($candidate->leastMinutes(), $block->minutes);
                    if (!in_array($block->kind, [BlockKind::Close, BlockKind::Pressure], true)) {
                        $skills[PuttingSkill::of($candidate->card)->value ?? ''] = true;
                    }
                }
                self::assertLessThanOrEqual(CurrentGoals::CAP, count($skills));
            });
    }

    /** Pace is worked at the lengths that matter to a student; a drill whose own lie there keeps them. */
    public function testPaceIsLaidAtTheLengthsThatMatter(): void
    {
        $day = new SessionLimits(45, 'green', isMeasured: true);
        $this->limitTo(100)
            ->forAll(self::between(1.0, 6.0), self::between(1.0, 6.0), Generators::elements(0.5, 0.3048))
            ->then(static function (float $low, float $width, float $step) use ($day): void {
                $band = [$low, $low + $width];
                foreach (
                    (new Planner(
                        $day,
                        new StudentNeed(['pace' => 2.0], band: $band, lengthStep: $step),
                        self::library(),
                    ))->plan()->blocks
                    as $block
                ) {
                    if ($block->lengths === null) {
                        continue;
                    }
                    self::assertContains($block->kind, [BlockKind::Pace, BlockKind::Mixed]);
                    self::assertGreaterThanOrEqual($band[0] - $step, min($block->lengths));
                    self::assertLessThanOrEqual($band[1] + $step, max($block->lengths));
                    foreach ($block->lengths as $metres) {
                        self::assertEqualsWithDelta(0.0, abs($metres / $step - round($metres / $step)), 1e-9);
                    }
                }
            });
        // Whatever is laid can be set out.
        $laid = 0;
        foreach (self::plain() as $drill) {
            $lengths = self::candidate((string) $drill['key'])->lengthsIn([8.0, 12.0], 0.5);
            if (
                $lengths !== null &&
                PuttingSkill::of(self::candidate((string) $drill['key'])->card) === PuttingSkill::Pace
            ) {
                DrillReader::read(
                    JsonInput::parse(
                        json_encode(
                            DrillLengths::laidInto($drill, $lengths),
                            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
                        ),
                    ),
                );
                ++$laid;
            }
        }
        self::assertGreaterThan(5, $laid);
        $ladder = self::candidate('say-it-first');
        self::assertSame([8.0, 10.0, 12.0], $ladder->lengthsIn([8.0, 12.0], 0.5));
        self::assertNull($ladder->lengthsIn([3.0, 9.0], 0.5));
        self::assertNull(self::candidate('to-the-edge')->lengthsIn([8.0, 12.0], 0.5));
    }

    public function testAGroupsEquipmentIsCountedOverAllStations(): void
    {
        [$gate, $ladder] = [self::candidate('closing-gate')->card, self::candidate('say-it-first')->card];
        $turns = Rota::of(['A', 'B', 'C', 'D', 'E'], 3)->turns;
        $kit = array_column(GroupEquipment::of([$gate, $ladder, $gate], $turns)->items, 'pieces', 'name');
        $tees = static fn(Drill $card): int => array_sum(
            array_map(
                static fn(EquipmentItem $item): int => $item->piece === EquipmentType::Tee ? (int) $item->count : 0,
                $card->kit,
            ),
        );
        self::assertSame(2 * $tees($gate) + $tees($ladder), $kit['tees']);
        // A ball for each of those who stand there at once.
        self::assertSame(6, $kit['balls']);
        self::assertSame([], GroupEquipment::of([], $turns)->items);
    }

    public function testWhatTheCoachHasSetStandsAndTheRestIsPlannedRoundIt(): void
    {
        $day = new SessionLimits(45, 'green', isMeasured: true);
        $need = new StudentNeed(['pace' => 1.0, 'line' => 0.4, 'read' => 0.1]);
        $this->limitTo(100)
            ->forAll(Generators::choose(0, 53), Generators::choose(3, 20), Generators::elements(...BlockKind::cases()))
            ->then(static function (int $at, int $minutes, BlockKind $kind) use ($day, $need): void {
                $candidate = self::library()[$at];
                $set = [
                    new Block('own-1', $kind, $candidate->key(), 'Mine', max(1, $minutes), 10, 'Because.', true),
                    new Block('own-2', BlockKind::Close, null, 'Sit down', 5, null, 'Backs.', true),
                ];
                $plan = (new Planner($day, $need, self::library()))->plan($set);

                self::assertSame(
                    $set,
                    array_values(array_filter($plan->blocks, static fn(Block $block): bool => $block->isLocked)),
                );
                self::assertLessThanOrEqual(45, $plan->planned());
                self::assertCount(1, array_keys(array_column($plan->blocks, 'drill'), $candidate->key(), true));
            });
    }

    public function testWhatWasDroppedDoesNotComeBackAndBallsNotSaidAreReckoned(): void
    {
        $planner = new Planner(new SessionLimits(60, 'green', isMeasured: true), new StudentNeed(), self::library());
        $without = ['pressure', 'baseline', 'closing-gate'];
        $plan = $planner->plan(
            [new Block('own', BlockKind::Line, 'telling-gate', 'Gate', 4, null, 'Mine.', true)],
            $without,
        );

        self::assertSame(
            [],
            array_intersect($without, [
                ...array_map(static fn(Block $block): string => $block->kind->value, $plan->blocks),
                ...array_column($plan->blocks, 'drill'),
            ]),
        );
        $own = array_values(array_filter($plan->blocks, static fn(Block $block): bool => $block->id === 'own'))[0];
        // Twenty balls in seven minutes, so eleven in four.
        self::assertSame(11, $own->balls);
        $others = array_map(
            static fn(Candidate $other): string => $other->key(),
            $planner->others($own, $plan->blocks),
        );
        self::assertNotSame([], $others);
        self::assertSame([], array_intersect($others, array_filter(array_column($plan->blocks, 'drill'))));
    }

    public function testTwoFiveAndFifteenMinutesHoldWhatTheyCan(): void
    {
        $plan = static fn(int $minutes): Plan => (new Planner(
            new SessionLimits($minutes, 'green'),
            new StudentNeed(),
            self::library(),
        ))->plan();
        $kinds = static fn(Plan $plan): array => array_map(
            static fn(Block $block): string => $block->kind->value,
            $plan->blocks,
        );

        self::assertSame(['pace'], $kinds($plan(2)));
        self::assertSame(['pace'], $kinds($plan(5)));
        $quarter = $plan(15);
        self::assertSame('measure', $kinds($quarter)[0]);
        self::assertSame('close', array_slice($kinds($quarter), -1)[0]);
        self::assertGreaterThanOrEqual(12, $quarter->planned());
        $hour = $plan(60);
        self::assertSame(
            ['measure', 'baseline', 'check', 'line', 'pace', 'mixed', 'pressure', 'retest', 'close'],
            array_values(array_unique($kinds($hour))),
        );
        self::assertGreaterThanOrEqual(52, $hour->planned());
    }

    /** From so many minutes on there is time for it, and one minute before there is not. */
    public function testWhatASessionHoldsBeginsAtItsMinutes(): void
    {
        $kinds = static fn(int $minutes, array $candidates): array => array_column(
            (new Planner(
                new SessionLimits($minutes, 'green'),
                new StudentNeed(['pace' => 0.4, 'line' => 0.6, 'read' => 0.1]),
                $candidates,
            ))->plan()->blocks,
            'kind',
        );
        $few = [
            self::candidate('telling-gate'),
            ...array_filter(
                self::library(),
                static fn(Candidate $each): bool => $each->card->purpose === Purpose::Pressure,
            ),
        ];
        foreach (
            [
                [BlockKind::Close, 8],
                [BlockKind::Measure, 12],
                [BlockKind::Check, 25],
                [BlockKind::Baseline, 40],
                [BlockKind::Retest, 40],
                [BlockKind::Pressure, 45],
            ]
            as [$kind, $from]
        ) {
            // With one drill of work there is room for what else gives way to work.
            $candidates = $kind === BlockKind::Close || $kind === BlockKind::Measure ? self::library() : $few;
            self::assertNotContains($kind, $kinds($from - 1, $candidates), "{$kind->value} in " . ($from - 1));
            self::assertContains($kind, $kinds($from, $candidates), "{$kind->value} in $from");
        }
    }

    /** It ends on short ones at a hole that take four minutes at most; pressure is a drill of more than three. */
    public function testTheCloseIsShortAndPressureIsNoMoment(): void
    {
        $ends = [];
        foreach (range(10, 90, 5) as $minutes) {
            foreach (
                (new Planner(
                    new SessionLimits($minutes, 'green', isMeasured: true),
                    new StudentNeed(),
                    self::library(),
                ))->plan()->blocks
                as $block
            ) {
                $candidate = $block->drill === null ? null : self::candidate($block->drill);
                if ($candidate !== null && $block->kind === BlockKind::Close) {
                    $ends[$block->drill] = $block->minutes;
                    self::assertTrue($candidate->card->rules->target->canBeHoled());
                    self::assertLessThanOrEqual(
                        2.0,
                        max(
                            array_map(
                                static fn(Station $station): float => $station->to->metres(),
                                $candidate->card->rules->stations,
                            ),
                        ),
                    );
                }
                if ($candidate !== null && $block->kind === BlockKind::Pressure) {
                    self::assertSame(Purpose::Pressure, $candidate->card->purpose);
                    self::assertGreaterThan(3, $candidate->wholeMinutes());
                }
            }
        }
        self::assertNotSame([], $ends);
        self::assertLessThanOrEqual(4, max($ends));
        // A drill for the close that takes longer than that is none.
        $long = array_values(
            array_filter(
                self::library(),
                static fn(Candidate $each): bool => $each->isShort() && $each->wholeMinutes() > 4,
            ),
        );
        self::assertNotSame([], $long);
        $plan = (new Planner(new SessionLimits(30, 'green', isMeasured: true), new StudentNeed(), $long))->plan();
        self::assertNotContains(BlockKind::Close, array_column($plan->blocks, 'kind'));
    }

    /** Where a school begins: with the read, or with the pace; without a word the start line comes before the pace. */
    public function testTheWorkBeginsWhereTheCoachsPreferenceDoes(): void
    {
        $order = static function (array $schools, array $atStake, int $away = 0): array {
            $kinds = array_column(
                (new Planner(
                    new SessionLimits(30, 'green', isMeasured: true),
                    new StudentNeed($atStake, isAimKnown: true, schools: $schools, weeksAway: $away),
                    self::library(),
                ))->plan()->blocks,
                'kind',
            );

            return array_values(
                array_unique(
                    array_map(
                        static fn(BlockKind $kind): string => $kind->value,
                        array_filter(
                            $kinds,
                            static fn(BlockKind $kind): bool => in_array(
                                $kind,
                                [BlockKind::Line, BlockKind::Pace, BlockKind::Read],
                                true,
                            ),
                        ),
                    ),
                ),
            );
        };
        self::assertSame(['line', 'pace'], $order([], ['pace' => 1.0, 'line' => 0.9, 'read' => 0.0]));
        self::assertSame(['pace', 'line'], $order(['begin' => 'order'], ['pace' => 1.0, 'line' => 0.9, 'read' => 0.0]));
        self::assertSame(['line', 'pace'], $order(['begin' => 'start'], ['pace' => 1.0, 'line' => 0.9, 'read' => 0.0]));
        self::assertSame(['line', 'read'], $order([], ['pace' => 0.0, 'line' => 0.9, 'read' => 1.0]));
        self::assertSame(['read', 'line'], $order(['begin' => 'reads'], ['pace' => 0.0, 'line' => 0.9, 'read' => 1.0]));
        // A school begins where a student who was not long away does.
        self::assertSame(['line', 'pace'], $order([], ['pace' => 1.0, 'line' => 0.9, 'read' => 0.0], 5));
        self::assertSame(
            ['read', 'pace'],
            $order(['begin' => 'order'], ['pace' => 1.0, 'line' => 0.1, 'read' => 0.9], 6),
        );
    }

    public function testWhatIsAtStakeComesFirstAndSaysSo(): void
    {
        $first = static fn(StudentNeed $need): Block => array_values(
            array_filter(
                (new Planner(new SessionLimits(20, 'green', isMeasured: true), $need, self::library()))->plan()->blocks,
                static fn(Block $block): bool => $block->kind !== BlockKind::Close,
            ),
        )[0];
        $line = $first(new StudentNeed(['pace' => 0.2, 'line' => 1.4, 'read' => 0.1]));

        self::assertSame(
            [BlockKind::Line, 'The start line costs most: 1.4 strokes a round.'],
            [$line->kind, $line->why],
        );
        self::assertSame(
            BlockKind::Read,
            $first(new StudentNeed(['pace' => 0.5, 'line' => 0.1, 'read' => 0.5], weeksAway: 8))->kind,
        );
        $whys = array_column(
            (new Planner(
                new SessionLimits(20, 'green'),
                new StudentNeed(promised: 'the ladder.'),
                self::library(),
            ))->plan()->blocks,
            'why',
        );
        self::assertCount(
            1,
            array_filter($whys, static fn(string $why): bool => str_ends_with($why, 'Promised last time: the ladder.')),
        );
        $mixed = (new Planner(
            new SessionLimits(30, 'green', isMeasured: true),
            new StudentNeed(schools: ['repeat' => 'mixed']),
            self::library(),
        ))->plan();
        self::assertNotContains(BlockKind::Pace, array_column($mixed->blocks, 'kind'));
    }

    public function testClashesAreSaidOfWhatWasSetAndOfNothingElse(): void
    {
        $set = [
            new Block('a', BlockKind::Line, 'closing-gate', 'Gate, narrowing', 20, 60, 'Mine.', true),
            new Block('b', BlockKind::Pressure, 'whole-ladder', 'The ladder', 20, 30, 'Mine.', true),
        ];
        $plan = (new Planner(
            new SessionLimits(30, 'mat', hasHole: false, bag: [], isMeasured: true),
            new StudentNeed(isGentle: true),
            self::library(),
        ))->plan($set);
        $says = array_map(static fn(Clash $clash): string => $clash->says, $plan->clashes);

        self::assertContains('Locked blocks take 40 of 30 minutes: shorten or remove one.', $says);
        self::assertContains('It is not a drill for a mat.', $says);
        self::assertContains('Its equipment is not available.', $says);
        self::assertContains('60 balls are more than the limit of 30: rest, move, or split the block.', $says);
        self::assertContains('It adds pressure, and scores are hidden for this student.', $says);
        self::assertSame($set, $plan->blocks);
        self::assertSame(
            [],
            (new Planner(new SessionLimits(30, 'green', isStormy: true), new StudentNeed(), self::library()))->plan()
                ->blocks,
        );
    }

    public function testMinutesAreLearnedFromSessionsAndFewHardlyMoveThem(): void
    {
        self::assertSame([8.0, null, 0], [DrillMinutes::of(8, [])->mean, DrillMinutes::of(8, [])->spread, 0]);
        self::assertSame(10.0, DrillMinutes::of(8, [14.0])->mean);
        $many = DrillMinutes::of(8, array_fill(0, 38, 14.0));
        self::assertEqualsWithDelta(13.7, $many->mean, 0.01);
        self::assertSame(0.0, $many->spread);
        // What takes longer here is planned for longer.
        $slow = new Candidate(self::candidate('six-before-the-round')->card, $many);
        self::assertSame(14, $slow->wholeMinutes());
    }

    /** Whatever need there is, time brings what time is for: a minute less and it is not planned. */
    #[DataProvider('minutesOf')]
    public function testAKindOfBlockComesFromItsMinutesOn(BlockKind $kind, int $from): void
    {
        // Without drills to fill them, the minutes alone decide.
        $drills = $kind === BlockKind::Close ? self::library() : [];
        $kinds = static fn(int $minutes): array => array_column(
            (new Planner(
                new SessionLimits($minutes, 'green'),
                new StudentNeed(['pace' => 0.4, 'line' => 1.0, 'read' => 0.1]),
                $drills,
            ))->plan()->blocks,
            'kind',
        );
        self::assertContains($kind, $kinds($from));
        self::assertNotContains($kind, $kinds($from - 1));
    }

    /** @return iterable<string, array{BlockKind, int}> */
    public static function minutesOf(): iterable
    {
        yield 'a few short ones to end on' => [BlockKind::Close, 8];
        yield 'measuring' => [BlockKind::Measure, 12];
        yield 'the aim before the line' => [BlockKind::Check, 25];
        yield 'a baseline' => [BlockKind::Baseline, 40];
        yield 'its retest' => [BlockKind::Retest, 40];
    }

    public function testTheEndIsHeldAgainstABaselineAndWithoutOneNothingIsRetested(): void
    {
        $kinds = static fn(SessionLimits $day, StudentNeed $need, array $without = []): array => array_column(
            (new Planner($day, $need, self::library()))->plan(without: $without)->blocks,
            'kind',
        );
        $day = new SessionLimits(60, 'green', isMeasured: true);
        $dropped = $kinds($day, new StudentNeed(), ['baseline']);
        self::assertSame(
            [false, false],
            [in_array(BlockKind::Baseline, $dropped, true), in_array(BlockKind::Retest, $dropped, true)],
        );
        $alone = $kinds($day, new StudentNeed(), ['retest']);
        self::assertSame(
            [true, false],
            [in_array(BlockKind::Baseline, $alone, true), in_array(BlockKind::Retest, $alone, true)],
        );
        foreach (
            [
                new SessionLimits(60, 'mat', isMeasured: true),
                new SessionLimits(60, 'green', hasHole: false, isMeasured: true),
            ]
            as $elsewhere
        ) {
            self::assertSame(
                [],
                array_intersect(['baseline', 'retest'], array_column($kinds($elsewhere, new StudentNeed()), 'value')),
            );
        }
        // An aim that was looked at lately is not looked at again before the line.
        $line = ['line' => 2.0, 'pace' => 0.1, 'read' => 0.1];
        self::assertContains(BlockKind::Check, $kinds($day, new StudentNeed($line)));
        self::assertNotContains(BlockKind::Check, $kinds($day, new StudentNeed($line, isAimKnown: true)));
    }

    public function testOneClosesOnShortPuttsThatTakeLittleTime(): void
    {
        $this->limitTo(60)
            ->forAll(Generators::choose(8, 120), Generators::elements('green', 'mat'), Generators::choose(0, 53))
            ->then(static function (int $minutes, string $place, int $lately): void {
                /** @var 'green'|'mat' $place */
                $need = new StudentNeed(daysSince: [self::library()[$lately]->key() => 1]);
                $plan = (new Planner(
                    new SessionLimits(max(1, $minutes), $place, isMeasured: true),
                    $need,
                    self::library(),
                ))->plan();
                foreach ($plan->blocks as $block) {
                    if ($block->kind === BlockKind::Close && $block->drill !== null) {
                        $drill = self::candidate($block->drill);
                        self::assertTrue($drill->isShort(), $block->drill);
                        self::assertLessThanOrEqual(4, $drill->wholeMinutes());
                        self::assertSame($block, $plan->blocks[count($plan->blocks) - 1]);
                    }
                }
            });
    }

    /** Rolled yesterday it makes room, rolled last month it is gone on with, and of equals the name decides. */
    public function testOfDrillsThatDoTheSameThatIsTakenWhichWasNotRolledLately(): void
    {
        $gate = self::candidate('closing-gate');
        $named = static fn(string $key): Candidate => new Candidate(
            DrillReader::read(
                JsonInput::parse(
                    json_encode(
                        ['key' => $key] +
                            array_values(
                                array_filter(
                                    self::plain(),
                                    static fn(array $drill): bool => $drill['key'] === 'closing-gate',
                                ),
                            )[0],
                        JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
                    ),
                ),
            ),
            $gate->minutes,
        );
        $drills = [$named('gate-c'), $named('gate-b'), $named('gate-a')];
        $first = static fn(array $daysSince): ?string => array_values(
            array_filter(
                (new Planner(
                    new SessionLimits(20, 'green', isMeasured: true),
                    new StudentNeed(['line' => 2.0], daysSince: $daysSince),
                    $drills,
                ))->plan()->blocks,
                static fn(Block $block): bool => $block->kind === BlockKind::Line,
            ),
        )[0]->drill;

        self::assertSame('gate-a', $first([]));
        self::assertSame('gate-b', $first(['gate-a' => 1]));
        self::assertSame('gate-b', $first(['gate-a' => 5]));
        self::assertSame('gate-c', $first(['gate-c' => 6]));
        self::assertSame('gate-c', $first(['gate-a' => 2, 'gate-b' => 3, 'gate-c' => 30]));
    }

    public function testTheReasonFollowsTheFiguresAndAComplaintIsNamedWhereItDecides(): void
    {
        $need = new StudentNeed(['pace' => 1.1, 'line' => 1.4, 'read' => 0.2], PuttingSkill::Pace);
        self::assertSame(PuttingSkill::Pace, $need->inOrder()[0]);
        self::assertSame(
            'The complaint is about the pace, which costs 1.1 strokes a round.',
            $need->why(PuttingSkill::Pace),
        );
        self::assertSame('The start line costs most: 1.4 strokes a round.', $need->why(PuttingSkill::Line));
        self::assertSame('0.2 strokes a round are lost by the read.', $need->why(PuttingSkill::Read));
        self::assertSame(
            'The pace costs most: 1.1 strokes a round.',
            (new StudentNeed(['pace' => 1.1, 'line' => 0.4], PuttingSkill::Pace))->why(PuttingSkill::Pace),
        );
    }

    public function testADrillIsShortenedToThreeFifthsAtMostAndItsBallsWithIt(): void
    {
        foreach (self::library() as $drill) {
            self::assertGreaterThanOrEqual(0.6 * $drill->wholeMinutes(), $drill->leastMinutes());
            self::assertLessThan(0.6 * $drill->wholeMinutes() + 1.0, $drill->leastMinutes());
            $dose = BlockKind::Pace->dose();
            $whole = $drill->balls($drill->wholeMinutes(), BlockKind::Pace);
            $end = $drill->card->rules->end;
            self::assertLessThanOrEqual(min($dose, $drill->card->rules->cap->balls ?? $dose), $whole);
            if ($end->expectedBalls(1.0) !== null) {
                $own = (int) $end->expectedBalls(count($drill->card->rules->stations) * $drill->card->rules->ballsEach);
                self::assertSame(min($dose, $own), $whole, 'a cap is no dose');
            } else {
                self::assertSame(
                    min($dose, $drill->card->rules->cap->balls ?? $dose),
                    $whole,
                    'nothing known tells when it ends',
                );
            }
            for ($minutes = 1; $minutes < 2 * $drill->wholeMinutes(); ++$minutes) {
                $balls = $drill->balls($minutes, BlockKind::Pace);
                self::assertLessThanOrEqual($drill->balls($minutes + 1, BlockKind::Pace), $balls);
                self::assertLessThanOrEqual($whole, $balls);
            }
        }
    }

    public function testWhatIsSetMayFillTheMinutesToTheLast(): void
    {
        $set = static fn(int $minutes): array => [
            new Block('a', BlockKind::Pace, null, 'Talk', $minutes, null, 'Mine.', true),
        ];
        $planner = new Planner(new SessionLimits(20, 'green', isMeasured: true), new StudentNeed(), self::library());
        self::assertSame([], $planner->plan($set(20))->clashes);
        self::assertSame(
            ['Locked blocks take 21 of 20 minutes: shorten or remove one.'],
            array_column($planner->plan($set(21))->clashes, 'says'),
        );
    }
}

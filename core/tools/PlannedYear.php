<?php

declare(strict_types=1);

namespace Amble\Tools;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Plan\Block;
use Amble\Core\Plan\Candidate;
use Amble\Core\Plan\Planner;
use Amble\Core\Plan\PuttingSkill;
use Amble\Core\Plan\SessionLimits;
use Amble\Core\Plan\StudentNeed;
use Amble\Core\Simulation\SimulatedStudent;
use Amble\Core\Strokes\Player;
use Amble\Core\Strokes\StrokesAtStake;
use Amble\Core\Units\Length;

/**
 * A year of weekly sessions of one simulated student, planned by the rules or at random with the same minutes.
 *
 * The learning is assumed, not known: so many minutes at a skill halve the way to its floor, and each week loses a
 * little of what was won. What comes of it is what these assumptions make of the plans, and nothing about people.
 */
final class PlannedYear
{
    private const WEEKS = 52;
    private const MINUTES = 45;

    /**
     * Minutes at a skill that halve the way to its floor, the floor as a share of the start, and what a week loses of
     * what was won.
     */
    public const HALVES = 240.0;
    public const FLOOR = 0.5;
    public const FORGETS = 0.02;

    /** A misread as a start line: this much per break read wrongly, radians. */
    private const READ_ANGLE = 0.03;

    /** First putts of a round, metres, alike often. */
    private const FIRST = [1.5, 3.0, 4.5, 6.0, 9.0, 12.0];

    /** @var array{pace: float, line: float, read: float} spreads: share of length, radians, radians */
    private array $now;

    /** @var array{pace: float, line: float, read: float} */
    private readonly array $start;

    /** @param list<Candidate> $drills */
    public function __construct(
        SimulatedStudent $student,
        private readonly array $drills,
        private readonly RandomSource $random,
    ) {
        $this->start = $this->now = [
            'pace' => hypot($student->strikeScatter, $student->beta * $student->backstrokeScatter),
            'line' => hypot($student->lineSpread, $student->aimBias + $student->faceBias),
            'read' => self::READ_ANGLE * hypot(1.0 - $student->readShare, $student->readScatter),
        ];
    }

    /** Putts expected per 18 as things stand. */
    public function expected(): float
    {
        return (float) StrokesAtStake::of($this->player(), GreenSpeed::ordinary(), self::mix())->expectedPer18;
    }

    /**
     * @param bool $byRules else the same minutes are spent on drills drawn at random
     * @param int $weeks a year, or as many as are asked for
     */
    public function walk(bool $byRules, int $weeks = self::WEEKS): void
    {
        $lately = [];
        for ($week = 0; $week < $weeks; ++$week) {
            foreach ($byRules ? $this->planned($week, $lately) : $this->drawn() as [$skill, $minutes, $key]) {
                $lately[$key] = $week;
                $this->practise($skill, $minutes);
            }
            foreach ($this->now as $skill => $spread) {
                $this->now[$skill] += self::FORGETS * ($this->start[$skill] - $spread);
            }
        }
    }

    /**
     * @param array<string, int> $lately the week a drill was last rolled
     *
     * @return list<array{PuttingSkill, int, string}> skill, minutes and drill
     */
    private function planned(int $week, array $lately): array
    {
        $need = new StudentNeed(
            $this->atStake(),
            daysSince: array_map(static fn(int $then): int => 7 * ($week - $then), $lately),
            isAimKnown: $week % 4 !== 0,
        );
        $blocks = (new Planner(
            new SessionLimits(self::MINUTES, 'green', isMeasured: true),
            $need,
            $this->drills,
        ))->plan()->blocks;
        $byKey = array_combine(
            array_map(static fn(Candidate $drill): string => $drill->key(), $this->drills),
            $this->drills,
        );
        $done = [];
        foreach ($blocks as $block) {
            $skill = $block->drill === null ? null : PuttingSkill::of($byKey[$block->drill]->card);
            if ($skill !== null) {
                $done[] = [$skill, $block->minutes, (string) $block->drill];
            }
        }

        return $done;
    }

    /** @return list<array{PuttingSkill, int, string}> */
    private function drawn(): array
    {
        $fitting = array_values(
            array_filter(
                $this->drills,
                static fn(Candidate $drill): bool => PuttingSkill::of($drill->card) !== null &&
                    $drill->against(new SessionLimits(self::MINUTES, 'green'), new StudentNeed()) === [],
            ),
        );
        $spent = array_sum(
            array_map(
                static fn(Block $block): int => $block->drill === null ? 0 : $block->minutes,
                (new Planner(
                    new SessionLimits(self::MINUTES, 'green', isMeasured: true),
                    new StudentNeed(isAimKnown: true),
                    $this->drills,
                ))->plan()->blocks,
            ),
        );
        $done = [];
        while ($spent > 0) {
            $drill = $fitting[(int) ($this->random->uniform() * count($fitting))];
            $minutes = min($spent, $drill->wholeMinutes());
            $done[] = [PuttingSkill::of($drill->card) ?? PuttingSkill::Pace, $minutes, $drill->key()];
            $spent -= $minutes;
        }

        return $done;
    }

    private function practise(PuttingSkill $skill, int $minutes): void
    {
        $floor = self::FLOOR * $this->start[$skill->value];
        $this->now[$skill->value] = $floor + ($this->now[$skill->value] - $floor) * 0.5 ** ($minutes / self::HALVES);
    }

    /** @return array<string, float> as the planner is told it: as if it were known */
    private function atStake(): array
    {
        $stakes = StrokesAtStake::of($this->player(), GreenSpeed::ordinary(), self::mix())->stakes;
        $share = $this->now['read'] ** 2 / ($this->now['read'] ** 2 + $this->now['line'] ** 2);
        $spread = $stakes['line_spread'] ?? 0.0;

        return [
            'pace' => $stakes['pace_spread'] ?? 0.0,
            'line' => (1.0 - $share) * $spread,
            'read' => $share * $spread,
        ];
    }

    private function player(): Player
    {
        return Player::of(0.0, hypot($this->now['line'], $this->now['read']), 0.0, $this->now['pace'], 0.3);
    }

    /** @return non-empty-list<array{Length, float}> */
    private static function mix(): array
    {
        return array_map(static fn(float $metres): array => [Length::ofMetres($metres), 1.0], self::FIRST);
    }
}

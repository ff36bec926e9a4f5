<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

use Amble\Core\Drill\Purpose;
use Amble\Core\Student\CurrentGoals;

/**
 * Plans a session from what is at hand and what a student needs. The same input gives the same plan; what the coach has
 * set stands, and the rest is planned round it. Weights, minutes and shares are ours.
 */
final readonly class Planner
{
    private const MEASURE = 4;
    private const BASELINE = 6;
    private const RETEST = 5;
    private const CHECK = 4;

    /** From so many minutes on there is time to measure, to check, to watch first, and to press. */
    private const FOR_MEASURE = 12;
    private const FOR_CHECK = 25;
    private const FOR_BASELINE = 40;
    private const FOR_PRESSURE = 45;
    private const FOR_CLOSE = 8;

    /** One block of work at first takes no more than this share of the minutes, and need not take less than so many. */
    private const BLOCK_SHARE = 0.2;
    private const BLOCK_LEAST = 6;

    /** Rolled so lately, a drill makes room for another, days. */
    private const LATELY = 5;

    /** So many others are offered for a block. */
    private const OTHERS = 6;

    /** @param list<Candidate> $candidates */
    public function __construct(private SessionLimits $day, private StudentNeed $need, private array $candidates) {}

    /**
     * @param list<Block> $kept what the coach has set, in their order; balls that are not said are reckoned from the
     *     minutes
     * @param list<string> $without kinds and drills that the coach has dropped
     */
    public function plan(array $kept = [], array $without = []): Plan
    {
        $kept = array_map($this->counted(...), $kept);
        if ($this->day->isStormy && $this->day->place === 'green') {
            return new Plan($this->day->minutes, $kept, [
                new Clash(null, 'Thunderstorm: no plan for the green. Go inside.'),
            ]);
        }
        $blocks = $kept;
        foreach ($this->slots() as $slot) {
            $left = $this->day->minutes - array_sum(array_column($blocks, 'minutes'));
            $isOut = in_array($slot->kind->value, $without, true) || $this->isThere($slot, $blocks);
            $block = $isOut ? null : $this->fill($slot, $left - $this->heldBack($slot, $blocks), $blocks, $without);
            if ($block !== null) {
                $blocks = $this->insert($blocks, $block);
            }
        }

        return new Plan($this->day->minutes, $blocks, $this->clashes($kept));
    }

    /**
     * Other drills that a block might hold, the best first.
     *
     * @param list<Block> $blocks of the plan
     *
     * @return list<Candidate>
     */
    public function others(Block $block, array $blocks): array
    {
        $slot = Slot::drill($block->kind, null, '');
        $used = array_filter(array_column($blocks, 'drill'));
        $suiting = array_values(
            array_filter(
                $this->candidates,
                fn(Candidate $each): bool => $this->suits($each, $slot) &&
                    !in_array($each->key(), $used, true) &&
                    $each->against($this->day, $this->need) === [],
            ),
        );
        usort(
            $suiting,
            fn(Candidate $a, Candidate $b): int => [$this->score($b, $slot, $block->minutes), $a->key()] <=> [
                $this->score($a, $slot, $block->minutes),
                $b->key(),
            ],
        );

        return array_slice($suiting, 0, self::OTHERS);
    }

    /** @return list<Slot> what a session may hold, the most wanted first */
    private function slots(): array
    {
        $minutes = $this->day->minutes;
        $isOnGreen = $this->day->place === 'green';
        $skills = array_slice($this->need->inOrder(), 0, CurrentGoals::CAP);
        $slots = [];
        if ($isOnGreen && !$this->day->isMeasured && $minutes >= self::FOR_MEASURE) {
            $slots[] = Slot::fixed(BlockKind::Measure, self::MEASURE, 'Every length today depends on it.');
        }
        if ($minutes >= self::FOR_CLOSE) {
            $slots[] = Slot::drill(BlockKind::Close, null, 'Finish with a few short putts that go in.', 4);
        }
        foreach ($skills as $at => $skill) {
            array_push($slots, ...$this->work($skill, $at === 0));
        }
        if ($minutes >= self::FOR_BASELINE && $isOnGreen && $this->day->hasHole) {
            $slots[] = Slot::fixed(
                BlockKind::Baseline,
                self::BASELINE,
                'Watch before you say anything, so that the end can be compared with it.',
                6,
            );
            $slots[] = Slot::fixed(
                BlockKind::Retest,
                self::RETEST,
                'On a new hole, compared with the baseline: few balls, so only a hint.',
                6,
                BlockKind::Baseline,
            );
        }
        if ($minutes >= self::FOR_CHECK && !$this->need->isAimKnown && in_array(PuttingSkill::Line, $skills, true)) {
            $slots[] = Slot::fixed(
                BlockKind::Check,
                self::CHECK,
                'Before work on the start line: where does the face point?',
                6,
            );
        }
        if ($minutes >= self::FOR_PRESSURE && $this->need->wantsPressure()) {
            $slots[] = Slot::drill(BlockKind::Pressure, null, 'What works alone is tested under pressure.');
        }
        // What is left goes to the skills again, with other drills.
        for ($round = 0; $round < 3; ++$round) {
            foreach ($skills as $skill) {
                array_push(
                    $slots,
                    ...array_map(static fn(Slot $slot): Slot => $slot->again(), $this->work($skill, false)),
                );
            }
        }

        return $slots;
    }

    /** @return list<Slot> */
    private function work(PuttingSkill $skill, bool $isFirst): array
    {
        $why = $this->need->why($skill);
        $most = max(self::BLOCK_LEAST, (int) round(self::BLOCK_SHARE * $this->day->minutes));
        $promised = $isFirst && $this->need->promised !== null ? " Promised last time: {$this->need->promised}" : '';
        if ($skill !== PuttingSkill::Pace) {
            return [
                Slot::drill(
                    $skill === PuttingSkill::Line ? BlockKind::Line : BlockKind::Read,
                    $skill,
                    mb_substr($why . $promised, 0, 240),
                    $most,
                ),
            ];
        }

        return array_values(
            array_filter([
                $this->need->wantsBlocked()
                    ? Slot::drill(BlockKind::Pace, $skill, mb_substr($why . $promised, 0, 240), $most)
                    : null,
                $this->need->wantsMixed()
                    ? Slot::drill(
                        BlockKind::Mixed,
                        $skill,
                        $this->need->wantsBlocked()
                            ? 'Then mixed, as on the course: never the same putt twice.'
                            : mb_substr($why . $promised, 0, 240),
                        $most,
                    )
                    : null,
            ]),
        );
    }

    /** @param list<Block> $blocks */
    private function isThere(Slot $slot, array $blocks): bool
    {
        $kinds = array_map(static fn(Block $block): BlockKind => $block->kind, $blocks);

        return (!$slot->isAgain && in_array($slot->kind, $kinds, true)) ||
            ($slot->after !== null && !in_array($slot->after, $kinds, true));
    }

    /**
     * Minutes that a slot leaves for what comes with it.
     *
     * @param list<Block> $blocks
     */
    private function heldBack(Slot $slot, array $blocks): int
    {
        $kinds = array_map(static fn(Block $block): BlockKind => $block->kind, $blocks);

        return $slot->kind === BlockKind::Baseline && !in_array(BlockKind::Retest, $kinds, true) ? self::RETEST : 0;
    }

    private function counted(Block $block): Block
    {
        $drill = $block->balls === null ? $this->candidate($block->drill) : null;

        return $drill === null ? $block : $block->ofBalls($drill->balls($block->minutes, $block->kind));
    }

    private function candidate(?string $key): ?Candidate
    {
        foreach ($key === null ? [] : $this->candidates as $candidate) {
            if ($candidate->key() === $key) {
                return $candidate;
            }
        }

        return null;
    }

    /**
     * @param list<Block> $blocks
     * @param list<string> $without
     */
    private function fill(Slot $slot, int $left, array $blocks, array $without): ?Block
    {
        if ($slot->minutes !== null) {
            return $slot->minutes > $left
                ? null
                : new Block(
                    $this->id($slot, $blocks),
                    $slot->kind,
                    null,
                    $slot->kind->label(),
                    $slot->minutes,
                    $slot->balls,
                    $slot->why,
                );
        }
        $drill = $this->best($slot, min($left, $slot->most ?? $left), [
            ...array_filter(array_column($blocks, 'drill')),
            ...$without,
        ]);
        if ($drill === null) {
            return null;
        }
        $minutes = min($drill->wholeMinutes(), $left, $slot->most ?? $left);
        assert($minutes > 0);

        // Pace is practised at the lengths that matter; other drills are at theirs for a reason.
        $lengths =
            $this->need->band === null || !in_array($slot->kind, [BlockKind::Pace, BlockKind::Mixed], true)
                ? null
                : $drill->lengthsIn($this->need->band, $this->need->lengthStep);

        return new Block(
            $this->id($slot, $blocks),
            $slot->kind,
            $drill->key(),
            $drill->card->name,
            $minutes,
            $drill->balls($minutes, $slot->kind),
            $slot->why,
            lengths: $lengths,
        );
    }

    /**
     * @param array<string> $used keys
     */
    private function best(Slot $slot, int $most, array $used): ?Candidate
    {
        $best = null;
        $score = -INF;
        foreach ($this->candidates as $candidate) {
            if (
                $candidate->leastMinutes() > $most ||
                in_array($candidate->key(), $used, true) ||
                !$this->suits($candidate, $slot) ||
                $candidate->against($this->day, $this->need) !== []
            ) {
                continue;
            }
            $its = $this->score($candidate, $slot, $most);
            if ($its > $score || ($its === $score && $best !== null && strcmp($candidate->key(), $best->key()) < 0)) {
                [$best, $score] = [$candidate, $its];
            }
        }

        return $best;
    }

    private function suits(Candidate $candidate, Slot $slot): bool
    {
        $purpose = $candidate->card->purpose;
        $trains = PuttingSkill::of($candidate->card);
        // With minutes only, whatever warms up is the plan.
        $isBrief = $this->day->minutes < self::FOR_MEASURE;

        return match ($slot->kind) {
            BlockKind::Close => $candidate->isShort() && $candidate->wholeMinutes() <= 4,
            BlockKind::Pressure => $purpose === Purpose::Pressure && $candidate->wholeMinutes() > 3,
            BlockKind::Mixed => $trains === PuttingSkill::Pace && $purpose === Purpose::Play,
            BlockKind::Pace => $trains === PuttingSkill::Pace &&
                ($isBrief
                    ? $purpose === Purpose::WarmUp
                    : in_array($purpose, [Purpose::Build, Purpose::Measure], true)),
            BlockKind::Line => $trains === PuttingSkill::Line && $purpose !== Purpose::Pressure,
            BlockKind::Read => $trains === PuttingSkill::Read && $purpose !== Purpose::Pressure,
            default => false,
        };
    }

    private function score(Candidate $candidate, Slot $slot, int $most): float
    {
        $days = $this->need->daysSince[$candidate->key()] ?? null;

        return ($days === null || $days > self::LATELY ? 1.0 : 0.0) +
            // Something begun is gone on with: its level is remembered.
            ($days !== null && $days > self::LATELY ? 0.5 : 0.0) +
            // Whole rather than shortened, and rather much of the time than little.
            ($candidate->wholeMinutes() <= $most ? 1.0 : 0.0) +
            0.5 * min(1.0, $candidate->wholeMinutes() / max(1, min($most, $slot->most ?? 8)));
    }

    /**
     * Before the first block that comes later, and after every one that comes sooner.
     *
     * @param list<Block> $blocks
     *
     * @return list<Block>
     */
    private function insert(array $blocks, Block $block): array
    {
        $at = 0;
        foreach ($blocks as $i => $there) {
            if ($this->rank($there->kind) <= $this->rank($block->kind)) {
                $at = $i + 1;
            }
        }
        array_splice($blocks, $at, 0, [$block]);

        return $blocks;
    }

    /** After a lay-off reading and pace come before the start line; a school may begin elsewhere. */
    private function rank(BlockKind $kind): float
    {
        $first = match (true) {
            $this->need->wasAway() => [BlockKind::Read, BlockKind::Pace, BlockKind::Mixed],
            ($this->need->schools['begin'] ?? '') === 'reads' => [BlockKind::Read],
            ($this->need->schools['begin'] ?? '') === 'order' => [BlockKind::Pace],
            default => [],
        };
        $at = array_search($kind, $first, true);

        return $at === false ? (float) $kind->rank() : BlockKind::Check->rank() + 0.1 * ($at + 1);
    }

    /** @param list<Block> $blocks */
    private function id(Slot $slot, array $blocks): string
    {
        $ids = array_column($blocks, 'id');
        for ($n = 1; in_array("{$slot->kind->value}-$n", $ids, true); ++$n);

        return "{$slot->kind->value}-$n";
    }

    /**
     * @param list<Block> $kept
     *
     * @return list<Clash>
     */
    private function clashes(array $kept): array
    {
        $clashes = [];
        $minutes = array_sum(array_column($kept, 'minutes'));
        if ($minutes > $this->day->minutes) {
            $clashes[] = new Clash(
                null,
                sprintf('Locked blocks take %d of %d minutes: shorten or remove one.', $minutes, $this->day->minutes),
            );
        }
        $skills = [];
        foreach ($kept as $block) {
            $candidate = $this->candidate($block->drill);
            foreach ($candidate?->against($this->day, $this->need) ?? [] as $says) {
                $clashes[] = new Clash($block->id, $says);
            }
            if ($block->balls !== null && $block->balls > $block->kind->dose()) {
                $clashes[] = new Clash(
                    $block->id,
                    sprintf(
                        '%d balls are more than the limit of %d: rest, move, or split the block.',
                        $block->balls,
                        $block->kind->dose(),
                    ),
                );
            }
            $skill = $candidate === null ? null : PuttingSkill::of($candidate->card);
            if ($skill !== null && $block->kind !== BlockKind::Close && $block->kind !== BlockKind::Pressure) {
                $skills[$skill->value] = true;
            }
        }
        if (count($skills) > CurrentGoals::CAP) {
            $clashes[] = new Clash(
                null,
                sprintf('%d focus points are too many: keep to %d.', count($skills), CurrentGoals::CAP),
            );
        }

        return $clashes;
    }
}

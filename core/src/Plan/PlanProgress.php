<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

/** How far a plan has come: what is done, what is next, and what to let go where time runs short. Immutable. */
final readonly class PlanProgress
{
    /** Over by no more than this, nothing is let go, minutes. */
    private const SLACK = 1.0;

    /** Looks that make a check of the aim. */
    private const AIMS = 4;

    /** Balls that make a baseline. */
    private const BALLS = 3;

    /**
     * @param array<string, string> $states 'done', 'now', 'to_come' or 'dropped', by block
     * @param array<string, float|null> $took minutes, by block; null where nobody can say
     * @param float $left minutes
     * @param float $over minutes by which what is to come goes beyond what is left; 0 where it fits
     * @param list<string> $letGo ids of blocks, the least worth first, without which it fits
     */
    private function __construct(
        public array $states,
        public array $took,
        public float $left,
        public float $over,
        public array $letGo,
        public ?string $next,
        public string $says,
    ) {}

    public static function of(Plan $plan, SessionProgress $happened): self
    {
        $states = $took = [];
        foreach ($plan->blocks as $block) {
            [$states[$block->id], $took[$block->id]] = self::state($block, $happened);
        }
        $toDo = array_values(
            array_filter(
                $plan->blocks,
                static fn(Block $block): bool => in_array($states[$block->id], ['now', 'to_come'], true),
            ),
        );
        $need = array_sum(
            array_map(static fn(Block $block): float => max(0.0, $block->minutes - ($took[$block->id] ?? 0.0)), $toDo),
        );
        $left = max(0.0, $plan->minutes - $happened->minutes);
        $over = $happened->isEnded ? 0.0 : max(0.0, $need - $left);
        $letGo = $over > self::SLACK ? self::letGo($toDo, $states, $over) : [];
        $next = $happened->isEnded ? null : $toDo[0]->id ?? null;

        return new self(
            $states,
            $took,
            $left,
            $over,
            $letGo,
            $next,
            self::says($plan, $states, $happened, $left, $over, $letGo),
        );
    }

    /** @return array{string, float|null} */
    private static function state(Block $block, SessionProgress $happened): array
    {
        $drill = $block->drill === null ? null : $happened->drills[$block->drill] ?? null;
        $part = $happened->parts[$block->kind->value] ?? null;

        return match (true) {
            $block->isDropped => ['dropped', null],
            $drill !== null => [$drill['is_over'] ? 'done' : 'now', $drill['minutes']],
            $block->kind === BlockKind::Measure => [$happened->isMeasured ? 'done' : 'to_come', null],
            $block->kind === BlockKind::Check => [
                $happened->aims >= self::AIMS ? 'done' : ($happened->aims > 0 ? 'now' : 'to_come'),
                null,
            ],
            $part !== null => [$part['balls'] >= ($block->balls ?? self::BALLS) ? 'done' : 'now', $part['minutes']],
            default => ['to_come', null],
        };
    }

    /**
     * @param list<Block> $toDo
     * @param array<string, string> $states
     *
     * @return list<string>
     */
    private static function letGo(array $toDo, array $states, float $over): array
    {
        $may = array_values(
            array_filter(
                $toDo,
                static fn(Block $block): bool => !$block->isLocked && $states[$block->id] === 'to_come',
            ),
        );
        // Of equals the one that comes last.
        $order = array_flip(array_column($toDo, 'id'));
        usort(
            $may,
            static fn(Block $a, Block $b): int => [$a->kind->worth(), $order[$b->id]] <=> [
                $b->kind->worth(),
                $order[$a->id],
            ],
        );
        $gone = [];
        foreach ($may as $block) {
            if ($over <= self::SLACK) {
                break;
            }
            $gone[] = $block->id;
            $over -= $block->minutes;
        }

        return $gone;
    }

    /**
     * @param array<string, string> $states
     * @param list<string> $letGo
     */
    private static function says(
        Plan $plan,
        array $states,
        SessionProgress $happened,
        float $left,
        float $over,
        array $letGo,
    ): string {
        $done = count(array_keys($states, 'done', true));
        if ($happened->isEnded) {
            return sprintf(
                'Planned %d minutes, took %d; %d of %d blocks were done.',
                $plan->minutes,
                (int) round($happened->minutes),
                $done,
                count($plan->blocks),
            );
        }
        $names = array_column($plan->blocks, 'name', 'id');

        return match (true) {
            !in_array('to_come', $states, true) && !in_array('now', $states, true) => 'All blocks are done.',
            $letGo !== [] => sprintf(
                '%d minutes too many: “%s” matters least%s.',
                (int) ceil($over),
                $names[$letGo[0]],
                count($letGo) === 1 ? '' : sprintf(', then %d more', count($letGo) - 1),
            ),
            $over > self::SLACK => sprintf('%d minutes too many, and nothing is left to skip.', (int) ceil($over)),
            default => sprintf('%d of %d minutes left.', (int) floor($left), $plan->minutes),
        };
    }
}

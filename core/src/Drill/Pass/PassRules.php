<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\Axis;
use Amble\Core\Drill\Kind\KindDescription;
use Amble\Core\Drill\Kind\ReadsFigures;
use Amble\Core\Drill\Kind\RuleKind;
use Amble\Core\Json\JsonInput;

/** The table of pass rules by name. A new one is an entry here; a rule with figures has a class beside this one. */
final class PassRules
{
    /** @return non-empty-array<string, RuleKind<PassRule>> in the order an editor offers them */
    public static function all(): array
    {
        return [
            'share' => self::ofClass(ShareOfLength::class),
            'past_only' => self::ofClass(PastOnly::class),
            'short_only' => self::ofClass(ShortOnly::class),
            'between' => self::ofClass(BetweenLipAndRod::class),
            'radius' => self::ofClass(WithinRadius::class),
            'holed' => self::ofClass(HoledRule::class),
            'hit' => self::observed('Hits it', 'hits it', ObservedRule::atTarget('hit')),
            'hit_or_near' => self::ofClass(HitOrNear::class),
            'hit_gap' => self::ofClass(HitAndGap::class),
            // A ball that grazes it would have been holed.
            'contact' => self::observed(
                'Hits it fully or grazes it',
                'hits it, fully or grazing',
                ObservedRule::atTarget('contact', 'full', 'graze'),
            ),
            'middle' => self::observed(
                'Struck with the middle',
                'is struck with the middle of the face',
                new ObservedRule('strike', ['middle'], Axis::Both),
            ),
            'held' => self::observed(
                'The finish is held',
                'is putted with the finish held',
                new ObservedRule('held', [true], Axis::Both),
            ),
            'level' => self::ofClass(LevelReached::class),
            'through_gate' => self::observed(
                'Through the gate',
                'starts through the gate{width}',
                ObservedRule::throughGate(),
            ),
            'on_line' => self::observed('On the line', 'starts on {aid}', ObservedRule::onLine()),
            'nearer_than_last' => self::ofClass(NearerThanLast::class),
            'like_first' => self::ofClass(LikeFirst::class),
            'task' => self::ofClass(TaskDone::class),
            'open' => self::ofClass(Unjudged::class),
        ];
    }

    /**
     * A rule with a class of its own.
     *
     * @param class-string<PassRule&ReadsFigures> $class
     *
     * @return RuleKind<PassRule>
     */
    public static function ofClass(string $class): RuleKind
    {
        return RuleKind::of($class::card(), static function (array $figures, JsonInput $rule) use ($class): PassRule {
            $made = $class::of($figures, $rule);

            return $made instanceof PassRule ? $made : throw new \LogicException("$class is no pass rule.");
        });
    }

    /** @return RuleKind<PassRule> */
    private static function observed(string $label, string $words, ObservedRule $rule): RuleKind
    {
        return RuleKind::of(new KindDescription($label, $words), static fn(): PassRule => $rule);
    }
}

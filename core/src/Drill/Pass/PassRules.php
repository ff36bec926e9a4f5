<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

/** The kinds of pass rule by name: a new one is a file beside this one and a line here. */
final class PassRules
{
    /** @var non-empty-array<string, class-string<PassRule>> */
    public const KINDS = [
        'share' => ShareOfLength::class,
        'past_only' => PastOnly::class,
        'short_only' => ShortOnly::class,
        'between' => BetweenLipAndRod::class,
        'radius' => WithinRadius::class,
        'holed' => Holed::class,
        'hit' => Hit::class,
        'hit_or_near' => HitOrNear::class,
        'hit_gap' => HitAndGap::class,
        'contact' => SmallTarget::class,
        'middle' => MiddleStrike::class,
        'held' => HeldFinish::class,
        'level' => LevelReached::class,
        'through_gate' => ThroughGate::class,
        'on_line' => OnLine::class,
        'nearer_than_last' => NearerThanLast::class,
        'like_first' => LikeFirst::class,
        'task' => TaskDone::class,
        'open' => Unjudged::class,
    ];
}

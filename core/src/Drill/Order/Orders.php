<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

/** The kinds of order by name: a new one is a file beside this one and a line here. */
final class Orders
{
    /** @var non-empty-array<string, class-string<Order>> */
    public const KINDS = [
        'as_laid' => AsLaid::class,
        'ladder' => LadderUp::class,
        'middle_short_long' => MiddleShortLong::class,
        'shuffled' => Shuffled::class,
        'shuffled_in_halves' => ShuffledInHalves::class,
        'blocked_then_shuffled' => BlockedThenShuffled::class,
        'blocked_then_lap' => BlockedThenLap::class,
    ];
}

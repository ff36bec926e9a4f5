<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Order;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** The kinds of order by name: a new one is a file beside this one and a line here. */
final class Orders
{
    /** @var non-empty-array<string, class-string<Order>> */
    public const KINDS = [
        'as_laid' => AsLaid::class,
        'ladder' => LadderUp::class,
        'middle_short_long' => MiddleShortLong::class,
        'shuffled' => Shuffled::class,
        'blocked_then_shuffled' => BlockedThenShuffled::class,
    ];

    /** @throws InvalidInput If the kind is unheard of. */
    public static function read(JsonInput $drill, string $field): Order
    {
        return new (self::KINDS[$drill->has($field) ? $drill->word($field, array_keys(self::KINDS)) : 'as_laid'])();
    }
}

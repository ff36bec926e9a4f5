<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** The kinds of pass rule by name: a new one is a file beside this one and a line here. */
final class PassRules
{
    /** @var non-empty-array<string, class-string<PassRule>> */
    public const KINDS = [
        'share' => ShareOfLength::class,
        'radius' => WithinRadius::class,
        'between' => BetweenLipAndRod::class,
        'past_only' => PastOnly::class,
        'on_line' => OnLine::class,
        'through_gate' => ThroughGate::class,
        'holed' => Holed::class,
        'hit' => Hit::class,
        'nearer_than_last' => NearerThanLast::class,
        'task' => TaskDone::class,
    ];

    /** @throws InvalidInput If the kind is unheard of or a figure of it unusable. */
    public static function read(JsonInput $rule): PassRule
    {
        return self::KINDS[$rule->word('kind', array_keys(self::KINDS))]::read($rule);
    }
}

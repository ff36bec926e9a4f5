<?php

declare(strict_types=1);

namespace Amble\Core\Homework;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** One thing that a student noted at home, or a coach answered. Immutable. */
final readonly class HomeworkEntry
{
    private const LONGEST = 1_000;
    private const MOST_BALLS = 300;

    private function __construct(
        public HomeworkEntryKind $kind,
        public int $atMilliseconds,
        public ?int $balls,
        public ?int $passes,
        public ?string $text,
    ) {}

    /** @throws InvalidInput If there is nothing in it, or more balls passed than were rolled. */
    public static function read(JsonInput $told): self
    {
        $kind = $told->enum('kind', HomeworkEntryKind::class);
        $text = $told->has('text') ? $told->text('text', self::LONGEST) : null;
        $at = $told->wholeNumber('at_ms', 0, PHP_INT_MAX);
        if ($kind !== HomeworkEntryKind::Done) {
            return new self($kind, $at, null, null, $text ?? throw InvalidInput::missing($told->path('text')));
        }
        $balls = $told->wholeNumber('balls', 1, self::MOST_BALLS);
        $passes = $told->wholeNumber('passes', 0, self::MOST_BALLS);

        return $passes <= $balls
            ? new self($kind, $at, $balls, $passes, $text)
            : throw InvalidInput::at(
                $told->path('passes'),
                sprintf('At most the %d balls that were putted can be successful.', $balls),
            );
    }

    /** As it was kept. */
    public static function kept(string $kind, int $at, ?int $balls, ?int $passes, ?string $text): self
    {
        return new self(HomeworkEntryKind::from($kind), $at, $balls, $passes, $text);
    }
}

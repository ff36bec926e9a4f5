<?php

declare(strict_types=1);

namespace Amble\Core\Check;

use Amble\Core\Session\Observation\AnswerFormat;

/** One thing a check asks of every try. This class is immutable. */
final readonly class CheckField
{
    /**
     * @param string $name in events and exports; a length ends in its unit
     * @param string $question as a screen asks it
     * @param array{string, string}|null $sides what a negative number is called, and a positive one; null where it has
     *     no side
     * @param bool $isNeeded whether a try without it says nothing
     */
    public function __construct(
        public string $name,
        public string $question,
        public AnswerFormat $answers,
        public ?array $sides = null,
        public bool $isNeeded = true,
    ) {}
}

<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Kind;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/**
 * One kind of rule: what it says of itself, and how a rule of it is made from its figures. This class is immutable.
 *
 * @template-covariant Rule of object
 */
final readonly class RuleKind
{
    /**
     * @param \Closure(array<string, float>, JsonInput): Rule $make from the figures by field, as the card reads them,
     *     and where they stand
     */
    private function __construct(public KindDescription $card, private \Closure $make) {}

    /**
     * @template Made of object
     *
     * @param \Closure(array<string, float>, JsonInput): Made $make
     *
     * @return self<Made>
     */
    public static function of(KindDescription $card, \Closure $make): self
    {
        return new self($card, $make);
    }

    /**
     * @return Rule
     *
     * @throws InvalidInput If a figure is unusable, or figures contradict one another.
     */
    public function read(JsonInput $rule): object
    {
        return ($this->make)($this->card->read($rule), $rule);
    }
}

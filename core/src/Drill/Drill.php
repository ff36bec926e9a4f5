<?php

declare(strict_types=1);

namespace Amble\Core\Drill;

use Amble\Core\Drill\Equipment\EquipmentItem;
use Amble\Core\Drill\Level\DrillLevel;

/** A drill with all it says of itself. Built by DrillReader. This class is immutable. */
final readonly class Drill
{
    /**
     * @internal
     *
     * @param string $key tells drills of one library apart
     * @param string|null $why it exists
     * @param string|null $meaning of its result
     * @param list<string> $trains words of the coach's
     * @param int|null $minutes it usually takes
     * @param list<string> $places 'green' or 'mat'
     * @param list<EquipmentItem> $kit
     * @param list<string> $cautions sentences
     * @param list<DrillLevel> $levels how it goes on once it is passed, each on top of those before
     * @param non-negative-int $level how many of the levels are in force
     * @param list<string> $schools whose way it is; empty for everybody's
     * @param list<string> $asks event fields noted of each ball, those the rule needs first
     * @param non-empty-list<string> $finds kinds of finding, the first one its own
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?string $why,
        public ?string $meaning,
        public array $trains,
        public ?Purpose $purpose,
        public ?int $minutes,
        public array $places,
        public array $kit,
        public array $cautions,
        public ?string $dose,
        public array $levels,
        public int $level,
        public bool $isForGroup,
        public array $schools,
        public array $asks,
        public array $finds,
        public DrillRules $rules,
        public RuleWords $words,
    ) {}

    public function asks(string $field): bool
    {
        return in_array($field, $this->asks, true);
    }
}

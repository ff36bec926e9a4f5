<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Kind;

use Amble\Core\Drill\DrillRules;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Numeric\Check;

/**
 * One figure of a kind of rule: what it is called, what it is measured in, what it is where a drill says nothing.
 * Immutable.
 */
final readonly class Figure
{
    /**
     * @param string $field in a drill's JSON; a length ends in its unit
     * @param string $label as an editor names it
     * @param float|null $usual where a drill does not say; null where it must
     */
    public function __construct(
        public string $field,
        public string $label,
        public FigureKind $kind,
        public ?float $usual = null,
    ) {}

    /** @throws InvalidInput If it is missing and has no usual value, or is out of range. */
    public function read(JsonInput $rule): float
    {
        $path = $rule->path($this->field);
        $most = $this->kind->mostWhole();
        if ($most !== null) {
            return (float) $rule->wholeNumber($this->field, 1, $most);
        }
        $value = $this->usual === null ? $rule->number($this->field) : $rule->numberOr($this->field, $this->usual);
        if ($this->kind === FigureKind::Share) {
            return Check::share($value, $path);
        }

        return Check::positive($value, $path) <= DrillRules::longest()->metres()
            ? $value
            : throw InvalidInput::outside($path, $value, 'at most 60 m');
    }

    /** @return array<string, mixed> its part of the JSON Schema */
    public function schema(): array
    {
        $most = $this->kind->mostWhole();

        return match (true) {
            $most !== null => ['type' => 'integer', 'minimum' => 1, 'maximum' => $most],
            $this->kind === FigureKind::Share => ['type' => 'number', 'exclusiveMinimum' => 0, 'exclusiveMaximum' => 1],
            default => ['$ref' => '#/$defs/metres'],
        };
    }
}

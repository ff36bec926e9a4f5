<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Kind;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/**
 * What a kind of rule says of itself. The editor, the rule's one line, round numbers and the schema's part all
 * come from here. This class is immutable.
 */
final readonly class KindDescription
{
    /**
     * @param string $label as an editor offers it
     * @param string $words as a drill's one line says it; a figure's field in braces stands for its value, {aid}
     *                      for the drill's gate, line, rule or spot, {width} for how wide that is
     * @param list<Figure> $figures
     */
    public function __construct(public string $label, public string $words, public array $figures = []) {}

    /**
     * Reads the figures of a rule of this kind.
     *
     * @return array<string, float> by field
     *
     * @throws InvalidInput If one is missing or out of range, or there is another field.
     */
    public function read(JsonInput $rule): array
    {
        $rule->only(['kind', ...array_column($this->figures, 'field')]);
        $values = [];
        foreach ($this->figures as $figure) {
            $values[$figure->field] = $figure->read($rule);
        }

        return $values;
    }

    /** @return array<string, mixed> the JSON Schema of a rule of this kind */
    public function schema(string $kind): array
    {
        $figures = $required = [];
        foreach ($this->figures as $figure) {
            $figures[$figure->field] = $figure->schema();
            if ($figure->usual === null) {
                $required[] = $figure->field;
            }
        }

        return [
            'type' => 'object',
            'required' => ['kind', ...$required],
            'additionalProperties' => false,
            'properties' => ['kind' => ['const' => $kind]] + $figures,
        ];
    }
}

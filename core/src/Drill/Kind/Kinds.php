<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Kind;

use Amble\Core\Drill\End\End;
use Amble\Core\Drill\End\Ends;
use Amble\Core\Drill\Order\Order;
use Amble\Core\Drill\Order\Orders;
use Amble\Core\Drill\Pass\PassRule;
use Amble\Core\Drill\Pass\PassRules;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** The kinds of rule a drill may be made of, by name. This class is immutable. */
final class Kinds
{
    private static ?self $shipped = null;

    /**
     * @param non-empty-array<string, RuleKind<PassRule>> $passes
     * @param non-empty-array<string, RuleKind<Order>> $orders
     * @param non-empty-array<string, RuleKind<End>> $ends
     */
    public function __construct(
        public readonly array $passes,
        public readonly array $orders,
        public readonly array $ends,
    ) {}

    /** Those that ship. */
    public static function shipped(): self
    {
        return self::$shipped ??= new self(PassRules::all(), Orders::all(), Ends::all());
    }

    /** @throws InvalidInput If the kind is unheard of or a figure of it unusable. */
    public function pass(JsonInput $rule): PassRule
    {
        return $this->passes[$rule->word('kind', array_keys($this->passes))]->read($rule);
    }

    /** @throws InvalidInput If the kind is unheard of. */
    public function order(JsonInput $drill, string $field): Order
    {
        $kind = $this->orders[$drill->has($field) ? $drill->word($field, array_keys($this->orders)) : 'as_laid'];

        return $kind->read(JsonInput::fromArray([]));
    }

    /** @throws InvalidInput If the kind is unheard of or a figure of it unusable. */
    public function end(JsonInput $rule): End
    {
        return $this->ends[$rule->word('kind', array_keys($this->ends))]->read($rule);
    }

    /**
     * @return array{pass: array<string, KindDescription>, order: array<string, KindDescription>, end: array<string, KindDescription>}
     *     by name
     */
    public function cards(): array
    {
        return [
            'pass' => array_map(static fn(RuleKind $kind): KindDescription => $kind->card, $this->passes),
            'order' => array_map(static fn(RuleKind $kind): KindDescription => $kind->card, $this->orders),
            'end' => array_map(static fn(RuleKind $kind): KindDescription => $kind->card, $this->ends),
        ];
    }

    /** @return array<string, mixed> the parts of a drill's JSON Schema that hang on the kinds, by field */
    public function schema(): array
    {
        ['pass' => $passes, 'order' => $orders, 'end' => $ends] = $this->cards();

        return [
            'pass' => self::either($passes),
            'order' => ['enum' => array_keys($orders)],
            'end' => self::either($ends),
        ];
    }

    /**
     * @param array<string, KindDescription> $cards by name
     *
     * @return array<string, mixed>
     */
    private static function either(array $cards): array
    {
        $schemas = [];
        foreach ($cards as $kind => $card) {
            $schemas[] = $card->schema($kind);
        }

        return ['oneOf' => $schemas];
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Level;

use Amble\Core\Drill\DrillRules;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Units\Length;

/**
 * One step of a drill's progression: mixed instead of blocked, further, tighter. It changes the drill's data and
 * nothing else. This class is immutable.
 */
final readonly class DrillLevel
{
    private const MOST_LENGTHS = 24;

    /**
     * @param string $says what is new, as the end of "next: …"
     * @param string|null $order kind of order
     * @param list<float> $lengths metres; empty for the same
     * @param float|null $figure of what passes, in its own unit
     * @param float|null $width of the gate or line, metres
     */
    private function __construct(
        public string $says,
        private ?string $order,
        private array $lengths,
        private ?float $figure,
        private ?float $width,
    ) {}

    /** @throws InvalidInput If it says nothing, changes nothing, or a figure is no length. */
    public static function read(JsonInput $level): self
    {
        $level->only(['says', 'order', 'lengths_m', 'figure', 'width_m']);
        $lengths = $level->numbersOrNone('lengths_m');
        foreach ($lengths as $i => $metres) {
            if ($metres <= 0.0 || $metres > DrillRules::longest()->metres()) {
                throw InvalidInput::outside($level->path("lengths_m.$i"), $metres, 'above 0 and at most 60 m');
            }
        }
        if (count($lengths) > self::MOST_LENGTHS) {
            throw InvalidInput::at(
                $level->path('lengths_m'),
                'A drill has at most ' . self::MOST_LENGTHS . ' stations.',
            );
        }
        $width = $level->has('width_m')
            ? Length::ofMetres($level->number('width_m'), $level->path('width_m'))->metres()
            : null;
        $read = new self(
            $level->text('says', 120),
            $level->has('order') ? $level->text('order', 40) : null,
            $lengths,
            $level->numberOrNull('figure'),
            $width,
        );

        return $read->order === null && $read->lengths === [] && $read->figure === null && $read->width === null
            ? throw InvalidInput::at(
                $level->here(),
                'A level must change something: the order, the lengths, the figure or the width.',
            )
            : $read;
    }

    /**
     * @param array<string, mixed> $drill as decoded from its JSON
     * @param string|null $figure field of what passes that the level's figure is for; null where it has none
     *
     * @return array<string, mixed> the same drill one level on
     */
    public function on(array $drill, ?string $figure): array
    {
        if ($this->order !== null) {
            $drill['order'] = $this->order;
        }
        if ($this->lengths !== []) {
            $drill = DrillLengths::laidInto($drill, $this->lengths);
        }
        if ($this->figure !== null && $figure !== null && is_array($drill['pass'] ?? null)) {
            $drill['pass'][$figure] = $this->figure;
        }
        if ($this->width !== null && is_array($drill['aid'] ?? null)) {
            $drill['aid']['width_m'] = $this->width;
        }

        return $drill;
    }
}

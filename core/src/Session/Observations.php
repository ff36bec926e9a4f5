<?php

declare(strict_types=1);

namespace Amble\Core\Session;

use Amble\Core\Feel\LengthCall;
use Amble\Core\Session\Observation\ObservationTypes;

/** What was seen of a ball beyond its backstroke and roll: answers by the name of their kind. Immutable. */
final readonly class Observations
{
    /** Metres beside the line where it stopped, positive right; null when nobody looked. */
    public ?float $side;
    public ?GateResult $gate;
    public ?LengthCall $call;
    public ?bool $hit;

    /** @param array<string, string|bool|int|float> $answers by name; one that is not there was not asked */
    private function __construct(public array $answers)
    {
        $this->side = $this->number('side_m');
        $this->gate = GateResult::tryFrom($this->word('gate') ?? '');
        $this->call = LengthCall::tryFrom($this->word('call') ?? '');
        $this->hit = $this->flag('hit');
    }

    public static function nothing(): self
    {
        return new self([]);
    }

    /** @param array<string, string|bool|int|float|null> $answers as {@see ObservationTypes::read} gives them */
    public static function answered(array $answers): self
    {
        return new self(
            in_array(null, $answers, true)
                ? array_filter($answers, static fn(mixed $answer): bool => $answer !== null)
                : $answers,
        );
    }

    public static function of(
        ?float $side = null,
        ?GateResult $gate = null,
        ?LengthCall $call = null,
        ?bool $hit = null,
    ): self {
        return self::answered(['side_m' => $side, 'gate' => $gate?->value, 'call' => $call?->value, 'hit' => $hit]);
    }

    /**
     * The same with other answers laid over; null takes one back.
     *
     * @param array<string, string|bool|int|float|null> $answers
     */
    public function with(array $answers): self
    {
        return self::answered(array_replace($this->answers, $answers));
    }

    public function has(string $name): bool
    {
        return isset($this->answers[$name]);
    }

    public function word(string $name): ?string
    {
        $answer = $this->answers[$name] ?? null;

        return is_string($answer) ? $answer : null;
    }

    public function number(string $name): ?float
    {
        $answer = $this->answers[$name] ?? null;

        return is_int($answer) || is_float($answer) ? (float) $answer : null;
    }

    public function flag(string $name): ?bool
    {
        $answer = $this->answers[$name] ?? null;

        return is_bool($answer) ? $answer : null;
    }

    public function count(string $name): ?int
    {
        $answer = $this->number($name);

        return $answer === null ? null : (int) $answer;
    }
}

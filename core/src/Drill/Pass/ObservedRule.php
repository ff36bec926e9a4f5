<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Pass;

use Amble\Core\Drill\AidKind;
use Amble\Core\Drill\Axis;

/** A rule that one observation of the ball settles, wherever the ball goes after. Immutable. */
final readonly class ObservedRule extends PassRule
{
    /**
     * @param string $observation name of its type
     * @param non-empty-list<string|bool> $passing answers that pass
     * @param \Closure(PassSetting): bool|null $fits whether the drill has what the rule needs; null where it needs
     *     nothing
     * @param string|null $refusal what is said where it does not
     */
    public function __construct(
        private string $observation,
        private array $passing,
        private Axis $axis,
        private ?\Closure $fits = null,
        private ?string $refusal = null,
    ) {}

    /** A rule about the target: it must be one that can be struck. */
    public static function atTarget(string $observation, string|bool ...$passing): self
    {
        return new self(
            $observation,
            array_values($passing) ?: [true],
            $observation === 'contact' ? Axis::Line : Axis::Both,
            static fn(PassSetting $setting): bool => $setting->target->canBeHit(),
            'Nothing can be hit at this target.',
        );
    }

    /** Through the gate without touching it. */
    public static function throughGate(): self
    {
        return self::onAid(
            static fn(PassSetting $setting): bool => $setting->aid?->kind === AidKind::Gate,
            'Through the gate needs a gate.',
        );
    }

    /** On the chalk or shadow line, the rail or over the spot. */
    public static function onLine(): self
    {
        return self::onAid(
            static fn(PassSetting $setting): bool => $setting->aid !== null && $setting->aid->kind !== AidKind::Gate,
            'On line needs a ruler, a chalk line or a spot.',
        );
    }

    public function acceptance(PassContext $context): Acceptance
    {
        return Acceptance::seen(ObservationCondition::oneOf($this->observation, $this->passing));
    }

    public function axis(): Axis
    {
        return $this->axis;
    }

    public function needs(): array
    {
        return [$this->observation];
    }

    public function contradiction(PassSetting $setting): ?string
    {
        return $this->fits === null || ($this->fits)($setting) ? null : $this->refusal;
    }

    /** Only the start line has a spread that a chance can be told from. */
    public function chance(PassContext $context, PassChances $skill): ?float
    {
        return $this->observation !== 'gate' || $context->aidHalfAngle === null
            ? null
            : $skill->chanceOnLine($context->aidHalfAngle);
    }

    /** @param \Closure(PassSetting): bool $fits */
    private static function onAid(\Closure $fits, string $refusal): self
    {
        return new self('gate', ['through'], Axis::Line, $fits, $refusal);
    }
}

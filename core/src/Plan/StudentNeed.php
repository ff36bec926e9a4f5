<?php

declare(strict_types=1);

namespace Amble\Core\Plan;

/** What a student needs, as far as it is known. Immutable. */
final readonly class StudentNeed
{
    /** So many weeks away from real greens want reading and pace first. */
    private const LONG_LAY_OFF = 6;

    /** Lengths are laid in these where somebody counts in metres. */
    public const HALF_METRE = 0.5;

    /** What a complaint adds to its skill, and a promise to its drill's. */
    private const COMPLAINT = 0.25;

    /**
     * @param array<string, float>|null $atStake strokes a round, by skill; null while they cannot be told
     * @param PuttingSkill|null $complaint what the complaint is about
     * @param array<string, int> $daysSince a drill was rolled, by its key
     * @param string|null $promised what was noted for next time
     * @param array<string, string> $schools answers where schools differ
     * @param string $school how distance is regulated: rule, foot or eye
     * @param array{float, float}|null $band lengths that matter, metres
     * @param bool $isAimKnown whether the aim was checked lately
     * @param float $lengthStep lengths are laid in whole numbers of this, metres: half a metre, a foot, a pace
     */
    public function __construct(
        public ?array $atStake = null,
        public ?PuttingSkill $complaint = null,
        public int $weeksAway = 0,
        public array $daysSince = [],
        public ?string $promised = null,
        public array $schools = [],
        public string $school = 'rule',
        public ?array $band = null,
        public bool $isGentle = false,
        public bool $isAimKnown = false,
        public float $lengthStep = self::HALF_METRE,
    ) {}

    public function wasAway(): bool
    {
        return $this->weeksAway >= self::LONG_LAY_OFF;
    }

    public function wantsPressure(): bool
    {
        return !$this->isGentle && ($this->schools['pressure'] ?? 'add') === 'add';
    }

    public function wantsBlocked(): bool
    {
        return ($this->schools['repeat'] ?? 'then') !== 'mixed';
    }

    public function wantsMixed(): bool
    {
        return ($this->schools['repeat'] ?? 'then') !== 'blocked';
    }

    /** How much of the work a skill is worth, in [0, 1.5). */
    public function weight(PuttingSkill $skill): float
    {
        $all = $this->atStake === null ? 0.0 : array_sum($this->atStake);
        // Unknown, pace comes before the line and the line before the read: slower balls find a wider hole.
        $share =
            $all > 0.0
                ? ($this->atStake[$skill->value] ?? 0.0) / $all
                : ['pace' => 0.45, 'line' => 0.35, 'read' => 0.2][$skill->value];

        return $share +
            ($this->complaint === $skill ? self::COMPLAINT : 0.0) +
            ($this->wasAway() && $skill !== PuttingSkill::Line ? self::COMPLAINT : 0.0);
    }

    /** @return non-empty-list<PuttingSkill> the weightiest first; of equals the earlier case */
    public function inOrder(): array
    {
        $skills = PuttingSkill::cases();
        usort($skills, fn(PuttingSkill $a, PuttingSkill $b): int => $this->weight($b) <=> $this->weight($a));

        return $skills;
    }

    /** Why a skill is worked at, in one sentence. */
    public function why(PuttingSkill $skill): string
    {
        $strokes = $this->atStake[$skill->value] ?? null;

        return match (true) {
            $this->wasAway() && $skill !== PuttingSkill::Line => sprintf(
                '%d weeks away from greens: start with %s.',
                $this->weeksAway,
                $skill->words(),
            ),
            // The sentence follows the figures; where the complaint decides the order it is the reason.
            $strokes !== null && $strokes >= max([0.0, ...array_values($this->atStake ?? [])]) => sprintf(
                'The %s costs most: %.1f strokes a round.',
                $skill->words(),
                $strokes,
            ),
            $strokes !== null && $this->complaint === $skill => sprintf(
                'The complaint is about the %s, which costs %.1f strokes a round.',
                $skill->words(),
                $strokes,
            ),
            $this->complaint === $skill => sprintf('The complaint is about the %s.', $skill->words()),
            $strokes !== null => sprintf('%.1f strokes a round are lost by the %s.', $strokes, $skill->words()),
            $this->inOrder()[0] === $skill => sprintf(
                'The cost of each fault is not known yet: start with %s, as most do.',
                $skill->words(),
            ),
            default => sprintf('And %s: the cost of each fault is not known yet.', $skill->words()),
        };
    }
}

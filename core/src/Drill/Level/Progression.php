<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Level;

use Amble\Core\Drill\Drill;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Steps\Ladder;
use Amble\Core\Steps\StepRule;
use Amble\Core\Student\Level as StudentLevel;

/** Where a drill stands by how it was left, and which level is due now. This class is immutable. */
final readonly class Progression
{
    /**
     * @param non-negative-int $level that is due now
     * @param non-negative-int|null $rung to start at, where it steps
     * @param string|null $why a sentence, a width in it in braces as in RuleWords; null where there is nothing to go by
     * @param StepRule|null $own this student's, in place of the drill's
     * @param int|null $stood the level it was left at; null where it never was rolled
     */
    private function __construct(
        public int $level,
        public ?int $rung,
        public ?string $why,
        private ?StepRule $own = null,
        private ?int $stood = null,
    ) {}

    /** The same where it was left: what was earned since is offered, and taken by nobody but the coach. */
    public function standing(): self
    {
        return new self(max(0, $this->stood ?? $this->level), $this->rung, $this->why, $this->own);
    }

    /** Whether another level than the one it was left at is due. */
    public function isMove(): bool
    {
        return $this->stood !== null && $this->stood !== $this->level;
    }

    /**
     * A level is earned and lost by the rule of a gate's steps: this student's, else the drill's.
     *
     * @param StepRule|null $own the student's; null for what the drill says
     */
    public static function of(
        Drill $card,
        ?PreviousRun $last,
        ?StudentLevel $student = null,
        ?StepRule $own = null,
    ): self {
        $begins = self::begins($card, $last, $student, $own ?? $card->rules->stepRule);
        $isAsked = $own !== null && ($card->levels !== [] || $card->rules->steps !== null);

        return $isAsked
            ? new self(
                $begins->level,
                $begins->rung,
                trim(sprintf('%s For this student a step is %s.', $begins->why, $own->words())),
                $own,
                $begins->stood,
            )
            : $begins;
    }

    private static function begins(Drill $card, ?PreviousRun $last, ?StudentLevel $student, StepRule $rule): self
    {
        if ($last === null) {
            return self::first($card, $student);
        }
        if ($card->levels === [] && $last->rung === null) {
            return new self(0, null, null);
        }
        $before = min($last->level, count($card->levels));
        $ladder = Ladder::of(count($card->levels) + 1, $before, $rule);
        foreach ($last->recent as $passed) {
            $ladder = $ladder->after($passed);
        }
        [$passes, $of] = [count(array_filter($last->recent)), count($last->recent)];
        $now = $ladder->step;
        $said = "Last time $passes of the last $of passed";
        $why = match (true) {
            $card->levels === [] => null,
            $now > $before => sprintf('%s: next, %s', $said, self::ended($card->levels[$now - 1]->says)),
            $now < $before => sprintf(
                '%s: one level back%s',
                $said,
                $now === 0 ? ', the first one.' : ', ' . self::ended($card->levels[$now - 1]->says),
            ),
            $now === count($card->levels) => "$said. This is the last level.",
            $of < Ladder::LOOK_BACK => sprintf(
                '%s: %d of %d are needed to go up. The next level would be: %s',
                $said,
                $rule->earn,
                Ladder::LOOK_BACK,
                self::ended($card->levels[$now]->says),
            ),
            default => sprintf(
                '%s: stay at this level. The next, at %d of %d: %s',
                $said,
                $rule->earn,
                Ladder::LOOK_BACK,
                self::ended($card->levels[$now]->says),
            ),
        };
        $rung =
            $last->rung !== null && $card->rules->steps !== null
                ? min($last->rung, count($card->rules->steps->widths) - 1)
                : null;

        $width = $rung === null || $rung === 0 ? null : $card->rules->steps->widths[$rung]->metres();

        return new self(
            $now,
            $rung,
            $why ?? ($width === null ? null : sprintf('It starts where it stopped: {%.4f w} wide.', $width)),
            null,
            $before,
        );
    }

    /** A first time starts as wide as this student's level wants it, and leaves at least one step to earn. */
    private static function first(Drill $card, ?StudentLevel $student): self
    {
        $widths = $card->rules->steps->widths ?? [];
        $rung = max(0, min($student?->stepsIn() ?? 0, count($widths) - 2));

        return $rung === 0 || $student === null
            ? new self(0, null, null)
            : new self(
                0,
                $rung,
                sprintf('The first time, for %s: {%.4f w} wide.', $student->words(), $widths[$rung]->metres()),
            );
    }

    private static function ended(string $says): string
    {
        return lcfirst(rtrim($says, '.')) . '.';
    }

    /**
     * @param array<string, mixed> $drill as decoded from its JSON, as its card is written
     *
     * @return array<string, mixed> the drill as it begins now
     */
    public function laidInto(array $drill, Drill $card): array
    {
        $kind = is_array($drill['pass'] ?? null) ? $drill['pass']['kind'] ?? null : null;
        $figures = is_string($kind) ? Kinds::shipped()->cards()['pass'][$kind]->figures ?? [] : [];
        foreach (array_slice($card->levels, 0, $this->level) as $level) {
            $drill = $level->on($drill, $figures === [] ? null : $figures[0]->field);
        }

        return ($this->own === null ? [] : ['step_rule' => $this->own->toArray()]) +
            $drill +
            ($this->level === 0 ? [] : ['level' => $this->level]) +
            ($this->rung === null || $this->rung === 0 ? [] : ['start_step' => $this->rung]);
    }
}

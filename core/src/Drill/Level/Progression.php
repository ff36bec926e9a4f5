<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Level;

use Amble\Core\Drill\DrillCard;
use Amble\Core\Drill\Kind\Kinds;
use Amble\Core\Steps\Ladder;
use Amble\Core\Student\Level as StudentLevel;

/** Where a drill begins this time, by how it was left. This class is immutable. */
final readonly class Progression
{
    /**
     * @param non-negative-int $level
     * @param non-negative-int|null $rung to start at, where it steps
     * @param string|null $why a sentence, a width in it in braces as in RuleWords; null where there is nothing to go by
     */
    private function __construct(public int $level, public ?int $rung, public ?string $why)
    {
    }

    /** A level is earned and lost by the rule of a gate's steps (maths.md 9): 8 of the last 10, 5 or fewer. */
    public static function of(DrillCard $card, ?LastTime $last, ?StudentLevel $student = null): self
    {
        if ($last === null) {
            return self::first($card, $student);
        }
        if ($card->levels === [] && $last->rung === null) {
            return new self(0, null, null);
        }
        $before = min($last->level, count($card->levels));
        $ladder = Ladder::of(count($card->levels) + 1, $before);
        foreach ($last->recent as $passed) {
            $ladder = $ladder->after($passed);
        }
        [$passes, $of] = [count(array_filter($last->recent)), count($last->recent)];
        $now = $ladder->step;
        $said = "Last time $passes of the last $of passed";
        $why = match (true) {
            $card->levels === [] => null,
            $now > $before => sprintf('%s: next, %s', $said, self::ended($card->levels[$now - 1]->says)),
            $now < $before => sprintf('%s: one level back%s', $said, $now === 0 ? ', as it began.' : ', ' . self::ended($card->levels[$now - 1]->says)),
            $now === count($card->levels) => "$said. This is the last level.",
            $of < 10 => sprintf('%s: a level is earned by 8 of 10. The next would be: %s', $said, self::ended($card->levels[$now]->says)),
            default => sprintf('%s: stay at this level. The next, at 8 of 10: %s', $said, self::ended($card->levels[$now]->says)),
        };
        $rung = $last->rung !== null && $card->rules->steps !== null ? min($last->rung, count($card->rules->steps->widths) - 1) : null;

        $width = $rung === null || $rung === 0 ? null : $card->rules->steps->widths[$rung]->metres();

        return new self($now, $rung, $why ?? ($width === null ? null : sprintf('It starts where it was left: {%.4f w} wide.', $width)));
    }

    /** A first time starts as wide as this student's level wants it, and leaves at least one step to earn. */
    private static function first(DrillCard $card, ?StudentLevel $student): self
    {
        $widths = $card->rules->steps->widths ?? [];
        $rung = max(0, min($student?->stepsIn() ?? 0, count($widths) - 2));

        return $rung === 0 || $student === null
            ? new self(0, null, null)
            : new self(0, $rung, sprintf('The first time, for %s: {%.4f w} wide.', $student->words(), $widths[$rung]->metres()));
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
    public function laidInto(array $drill, DrillCard $card): array
    {
        $kind = is_array($drill['pass'] ?? null) ? $drill['pass']['kind'] ?? null : null;
        $figures = is_string($kind) ? Kinds::shipped()->cards()['pass'][$kind]->figures ?? [] : [];
        foreach (array_slice($card->levels, 0, $this->level) as $level) {
            $drill = $level->on($drill, $figures === [] ? null : $figures[0]->field);
        }

        return $drill + ($this->level === 0 ? [] : ['level' => $this->level]) + ($this->rung === null || $this->rung === 0 ? [] : ['start_step' => $this->rung]);
    }
}

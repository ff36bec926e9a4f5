<?php

declare(strict_types=1);

namespace Amble\Core\Check;

use Amble\Core\Report\FigureText;
use Amble\Core\Report\FindingUnit;
use Amble\Core\Session\SafetyNote;

/** A check whose first field is a length to one side or the other of a middle. Immutable. */
abstract readonly class SideCheck extends CheckKind
{
    /**
     * @param list<string> $steps how it is done, in order
     * @param non-empty-list<CheckField> $fields the length with its sides first
     * @param list<SafetyNote> $care to be taken here
     */
    protected function __construct(
        string $key,
        string $question,
        array $steps,
        array $fields,
        array $care = [],
        ?int $dose = null,
    ) {
        parent::__construct($key, $question, $steps, $fields, Picture::Beside, $care, $dose);
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $values = $tries->numbers($this->fields[0]->name);

        return $values === []
            ? []
            : [
                Figures::mean(
                    $this->question,
                    FindingUnit::Small,
                    $values,
                    $this->inWords(...),
                    FigureText::small(...),
                ),
            ];
    }

    public function inWords(float $value): string
    {
        return Figures::beside($value, $this->fields[0]->sides ?? ['less', 'more'], 'in the middle');
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark($try->try->id, $try->number($this->fields[0]->name));
    }

    /** 1 where the mean is clearly on the positive side, −1 on the other, 0 where it is not clear. */
    protected function clearSide(CheckAttempts $tries, StudentChecks $checked): int
    {
        $interval = ($this->findings($tries, $checked)[0] ?? null)?->interval;

        return $interval === null || $interval->contains(0.0) ? 0 : ($interval->low > 0.0 ? 1 : -1);
    }
}

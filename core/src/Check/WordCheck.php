<?php

declare(strict_types=1);

namespace Amble\Core\Check;

use Amble\Core\Session\SafetyNote;

/** A check whose first field is answered in words, and counted. Immutable. */
abstract readonly class WordCheck extends CheckKind
{
    /**
     * @param list<string> $steps how it is done, in order
     * @param non-empty-list<CheckField> $fields the words that are counted first
     * @param string $counted the word whose share is followed over time
     * @param list<SafetyNote> $care to be taken here
     */
    protected function __construct(
        string $key,
        string $question,
        array $steps,
        array $fields,
        private string $counted,
        array $care = [],
        ?int $dose = null,
    ) {
        parent::__construct($key, $question, $steps, $fields, Picture::Words, $care, $dose);
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        return [
            Figures::words($this->question, $tries, $this->fields[0]->name, $this->fields[0]->answers, $this->counted),
        ];
    }

    public function mark(MadeAttempt $try): PictureMark
    {
        return new PictureMark(
            $try->try->id,
            null,
            $this->fields[0]->answers->words[$try->word($this->fields[0]->name) ?? ''] ?? null,
        );
    }

    protected function mostly(CheckAttempts $tries): ?string
    {
        return Figures::mostly($tries, $this->fields[0]->name);
    }
}

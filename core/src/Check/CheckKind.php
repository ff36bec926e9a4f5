<?php

declare(strict_types=1);

namespace Amble\Core\Check;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Report\Finding;
use Amble\Core\Session\CheckAttempt;
use Amble\Core\Session\SafetyNote;

/**
 * Something about a student that is checked by trying and measuring. One file a kind; listed in CheckKinds. Immutable.
 */
abstract readonly class CheckKind
{
    /**
     * @param string $key in events and exports
     * @param string $question that it answers
     * @param list<string> $steps how it is done, in order
     * @param list<CheckField> $fields asked of every try, the measured one first
     * @param list<SafetyNote> $care to be taken here
     * @param int|null $dose tries after which to stop and do something else
     */
    protected function __construct(
        public string $key,
        public string $question,
        public array $steps,
        public array $fields,
        public Picture $picture,
        public array $care = [],
        public ?int $dose = null,
    ) {}

    /**
     * What some tries find; the first figure is the one that is followed over time.
     *
     * @param CheckAttempts $tries at least one, of this kind
     * @param StudentChecks $checked everything else that was checked of the same student
     *
     * @return list<Finding>
     */
    abstract public function findings(CheckAttempts $tries, StudentChecks $checked): array;

    /** The figure that is followed, in words with its side; null where its unit says all of it. */
    public function inWords(float $value): ?string
    {
        return null;
    }

    /** How one try is drawn. */
    abstract public function mark(MadeAttempt $try): PictureMark;

    /** What to do about it, and what it does not say; null for nothing. */
    public function cue(CheckAttempts $tries, StudentChecks $checked): ?string
    {
        return null;
    }

    /**
     * Refuse a try that is none of this kind.
     *
     * @param string $path of the event it came with
     *
     * @throws InvalidInput At the first field that is missing, unknown or out of its range.
     */
    final public function accept(CheckAttempt $try, string $path): void
    {
        $given = JsonInput::fromArray($try->answers, "$path.answers");
        $known = [];
        foreach ($this->fields as $field) {
            $known[] = $field->name;
            if ($given->has($field->name)) {
                $field->answers->read($given, $field->name);
            } elseif ($field->isNeeded) {
                throw InvalidInput::missing($given->path($field->name));
            }
        }
        $given->only($known);
    }
}

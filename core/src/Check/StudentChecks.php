<?php

declare(strict_types=1);

namespace Amble\Core\Check;

use Amble\Core\Student\TeachingPreferences;
use Amble\Core\Units\Unit;

/**
 * Everything that was checked of one student, by kind: what one check found may be what another is held against.
 * Immutable.
 */
final readonly class StudentChecks
{
    /** @var array<string, CheckAttempts> by kind, oldest first */
    private array $byKind;

    /**
     * @param list<MadeAttempt> $tries oldest first
     * @param Unit $unit in which lengths are round to this student
     */
    public function __construct(
        array $tries,
        private ?TeachingPreferences $schools = null,
        public Unit $unit = Unit::Feet,
    ) {
        $byKind = [];
        foreach ($tries as $try) {
            $byKind[$try->try->kind][] = $try;
        }
        $this->byKind = array_map(static fn(array $some): CheckAttempts => new CheckAttempts($some), $byKind);
    }

    /** What this student is taught where schools differ. */
    public function school(string $question): string
    {
        return ($this->schools ?? TeachingPreferences::of())->answer($question);
    }

    public function of(string $kind): CheckAttempts
    {
        return $this->byKind[$kind] ?? new CheckAttempts([]);
    }
}

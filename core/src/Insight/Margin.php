<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Session\SetAside;
use Amble\Core\Student\School;

/** What stands in the margin: few notes, the dearest and surest first. Silence is a good margin. */
final class Margin
{
    /** One or two things are said, not seven. */
    public const MOST = 3;

    /**
     * @param list<Rule> $rules
     * @param list<SetAside> $setAside what this student's coach put away, with the evidence of then
     * @param string|null $exception what holds for this student whatever a template says; it comes first
     *
     * @return list<Note> at most three
     */
    public static function of(array $rules, Facts $facts, array $setAside, ?string $exception = null): array
    {
        $notes = [];
        foreach ($rules as $rule) {
            $note = $rule->note($facts);
            if ($note !== null && self::isOfSchool($note, $facts->school) && !self::isAside($note, $setAside)) {
                $notes[] = $note;
            }
        }
        $notes = self::without($notes, array_merge(...array_map(static fn(Note $note): array => $note->instead, $notes)));
        usort($notes, static fn(Note $a, Note $b): int => $b->cost * $b->sureness <=> $a->cost * $a->sureness);
        if ($exception !== null) {
            array_unshift($notes, new Note('student.exception', $exception, 'Written on the student\'s card; it wins over any template.', 1.0, 1.0, ''));
        }

        return array_slice($notes, 0, self::MOST);
    }

    /**
     * @param list<Note> $notes
     * @param list<string> $superfluous keys
     *
     * @return list<Note>
     */
    private static function without(array $notes, array $superfluous): array
    {
        return array_values(array_filter($notes, static fn(Note $note): bool => !in_array($note->key, $superfluous, true)));
    }

    /** Advice never mixes two schools: what belongs to another is not said. */
    private static function isOfSchool(Note $note, School $school): bool
    {
        return $note->school === null || $note->school === $school;
    }

    /** @param list<SetAside> $setAside */
    private static function isAside(Note $note, array $setAside): bool
    {
        foreach ($setAside as $aside) {
            if ($aside->key === $note->key && ($aside->evidence === null || $aside->evidence === $note->stamp)) {
                return true;
            }
        }

        return false;
    }
}

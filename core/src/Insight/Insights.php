<?php

declare(strict_types=1);

namespace Amble\Core\Insight;

use Amble\Core\Session\DismissedInsight;
use Amble\Core\Student\BackstrokeCue;

/** what the insights are: few notes, the dearest and surest first. Silence is a good margin. */
final class Insights
{
    /** One or two things are said, not seven. */
    public const MOST = 3;

    /**
     * @param list<Rule> $rules
     * @param list<DismissedInsight> $dismissed those this student's coach dismissed, with the evidence of then
     * @param string|null $exception what holds for this student whatever a template says; it comes first
     *
     * @return list<Insight> at most three
     */
    public static function of(array $rules, InsightFacts $facts, array $dismissed, ?string $exception = null): array
    {
        $notes = [];
        foreach ($rules as $rule) {
            $note = $rule->note($facts);
            if ($note !== null && self::isOfSchool($note, $facts->school) && !self::isAside($note, $dismissed)) {
                $notes[] = $note;
            }
        }
        $notes = self::without(
            $notes,
            array_merge(...array_map(static fn(Insight $note): array => $note->instead, $notes)),
        );
        usort($notes, static fn(Insight $a, Insight $b): int => $b->cost * $b->sureness <=> $a->cost * $a->sureness);
        if ($exception !== null) {
            array_unshift(
                $notes,
                new Insight(
                    'student.exception',
                    $exception,
                    'From the student\'s profile: this comes before any insight.',
                    1.0,
                    1.0,
                    '',
                ),
            );
        }

        return array_slice($notes, 0, self::MOST);
    }

    /**
     * @param list<Insight> $notes
     * @param list<string> $superfluous keys
     *
     * @return list<Insight>
     */
    private static function without(array $notes, array $superfluous): array
    {
        return array_values(
            array_filter($notes, static fn(Insight $note): bool => !in_array($note->key, $superfluous, true)),
        );
    }

    /** Advice never mixes two schools: what belongs to another is not said. */
    private static function isOfSchool(Insight $note, BackstrokeCue $school): bool
    {
        return $note->school === null || $note->school === $school;
    }

    /** @param list<DismissedInsight> $dismissed */
    private static function isAside(Insight $note, array $dismissed): bool
    {
        foreach ($dismissed as $aside) {
            if ($aside->key === $note->key && ($aside->evidence === null || $aside->evidence === $note->stamp)) {
                return true;
            }
        }

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Amble\Core\Review;

use Amble\Core\Card\ChecklistReport;
use Amble\Core\Check\CheckReport;
use Amble\Core\Homework\HomeworkReport;
use Amble\Core\Student\CurrentGoals;
use Amble\Core\Student\Retention;
use Amble\Core\Student\StudentProfile;

/** What to remember of a student today, the most pressing first: one line each. */
final class StudentReminders
{
    /** So many weeks away from real greens want reading and pace first. */
    private const LONG_LAY_OFF = 6;

    /**
     * @param list<ChecklistReport> $cards as they were last looked at
     * @param list<CheckReport> $checks as they were last made
     * @param int|null $weeksAway since the last ball in this workspace; null for somebody new
     * @param HomeworkReport $home since the last ball here
     * @param string|null $task what was to be done at home
     * @param string $today "2026-11-26"
     *
     * @return list<array{string, string}> what it is about, and the line
     */
    public static function lines(
        StudentProfile $about,
        CurrentGoals $inWork,
        array $cards,
        array $checks,
        ?string $exception,
        ?int $weeksAway,
        ?string $task,
        HomeworkReport $home,
        string $today,
    ): array {
        $lines = [];
        if ($about->lacksConsent()) {
            $lines[] = [
                'Consent',
                'Under age: a guardian’s consent is not noted. Until it is, keep only what is needed.',
            ];
        }
        $retention = Retention::of($about);
        if ($retention?->isPast($today) === true) {
            $lines[] = ['Records', $retention->words()];
        }
        if ($exception !== null) {
            $lines[] = ['Always', $exception];
        }
        foreach ($inWork->focuses as $focus) {
            $lines[] = ['Working on', $focus->text];
        }
        $away = max($about->layOffWeeks ?? 0, $weeksAway ?? 0);
        if ($away >= self::LONG_LAY_OFF) {
            $lines[] = [
                'Break',
                sprintf(
                    '%d weeks without putting on greens%s: start with reading and distance.',
                    $away,
                    $about->layOffWork === null ? '' : " ($about->layOffWork)",
                ),
            ];
        }
        if ($task !== null) {
            $lines[] = ['Homework', $task];
        }
        if ($home->finding !== null) {
            $lines[] = ['Homework', $home->finding->sentence];
        }
        if ($home->question !== null) {
            $lines[] = ['Asks', $home->question];
        }
        foreach ($inWork->faults as $fault) {
            if ($fault->isOpen) {
                $lines[] = ['Known fault', $fault->cure === null ? $fault->fault : "$fault->fault: $fault->cure"];
            }
        }
        foreach ($cards as $card) {
            foreach ($card->attention() as $line) {
                $lines[] = [$card->card->title, $line];
            }
        }
        foreach ($checks as $check) {
            if ($check->cue !== null) {
                $lines[] = [$check->kind->question, $check->cue];
            }
        }
        if (!$about->mayBeFilmed) {
            $lines[] = ['Pictures', 'None of this student.'];
        }

        return $lines;
    }
}

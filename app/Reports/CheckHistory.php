<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Card\BuiltInChecklists;
use Amble\Core\Card\Checklist;
use Amble\Core\Card\ChecklistReport;
use Amble\Core\Card\PointInSession;
use Amble\Core\Check\CheckReport;
use Amble\Core\Check\Kind\ShoePosition;
use Amble\Core\Check\MadeAttempt;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Review\StudentReminders;
use Amble\Core\Student\Prompt;
use Amble\Core\Student\Prompts;
use Amble\Core\Student\TeachingPreferences;
use App\Models\CheckAttemptRecord;
use App\Models\ChecklistAnswerRecord;
use App\Models\OwnChecklist;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Models\TakeHomeCard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** Gathers what was checked of a student, and what of it is to be remembered. */
final class CheckHistory
{
    public function __construct(private readonly BallRepository $evidence, private readonly HomeworkLog $home) {}

    /** Everything that was checked of a student by measuring. */
    public function checked(Student $student): StudentChecks
    {
        /** @var Collection<int, CheckAttemptRecord> $found */
        $found = CheckAttemptRecord::query()->where('student_id', $student->id)->orderBy('at_ms')->orderBy('id')->get();
        $rows = array_values($found->all());
        $speeds = $this->evidence->speeds(
            array_map(static fn(CheckAttemptRecord $row): \stdClass => (object) $row->getAttributes(), $rows),
        );

        return new StudentChecks(
            array_map(
                static fn(CheckAttemptRecord $row, int $i): MadeAttempt => new MadeAttempt(
                    $row->attempt(),
                    $row->practice_session_id,
                    $speeds[$i],
                ),
                $rows,
                array_keys($rows),
            ),
            $student->schools(),
            $student->unit,
        );
    }

    /** @return list<CheckReport> those that were ever made, in the order of a session */
    public function looks(Student $student): array
    {
        return CheckReport::all($this->checked($student));
    }

    /** @return array<string, Checklist> those that ship, each as the workspace keeps it, and its own, by key */
    public function cards(string $workspaceId): array
    {
        $cards = BuiltInChecklists::all();
        /** @var Collection<int, OwnChecklist> $own */
        $own = OwnChecklist::query()->where('workspace_id', $workspaceId)->orderBy('created_at')->orderBy('id')->get();
        foreach ($own as $row) {
            $cards[$row->key] = $row->card();
        }

        return $cards;
    }

    /**
     * @return list<ChecklistReport> every card as this student was last looked at by it, without what their school does
     *     not look at
     */
    public function cardLooks(Student $student): array
    {
        return $this->seen($student, $this->cards($student->workspace_id), $student->schools());
    }

    /**
     * What to remember of a student today, and what is said beside the lane.
     *
     * @return array{lines: list<array{string, string}>, recipe: Checklist|null, prompts: list<Prompt>, after_miss: list<string>}
     *     a line is what it is about and the words;
     * the recipe is null where none was chosen, or it is gone
     */
    public function remembered(Student $student): array
    {
        $checked = $this->checked($student);
        $cards = $this->cards($student->workspace_id);
        [$facts, $schools] = [$student->facts(), $student->schools()];
        $recipe = $cards[$facts->recipe ?? ''] ?? null;
        $last = PracticeSession::ballsSeenOf($student)->max('at_ms');
        $today = CarbonImmutable::now();
        /** @var TakeHomeCard|null $pocket */
        $pocket = TakeHomeCard::query()->where('student_id', $student->id)->first();

        return [
            'lines' => StudentReminders::lines(
                $facts,
                $student->inWork(),
                $this->seen($student, $cards, $schools),
                CheckReport::all($checked),
                $student->exception,
                is_numeric($last)
                    ? (int) CarbonImmutable::createFromTimestampMs((int) $last)->diffInWeeks($today)
                    : null,
                $pocket?->task()?->line(),
                $this->home->look($student, is_numeric($last) ? (int) $last : 0),
                $today->toDateString(),
            ),
            'recipe' => $recipe,
            'prompts' => Prompts::of(
                $facts,
                $schools,
                $recipe,
                ShoePosition::places($checked),
                $cards[$facts->views ?? ''] ?? null,
            ),
            'after_miss' => Prompts::afterMiss($schools),
        ];
    }

    /**
     * @param array<string, Checklist> $cards
     *
     * @return list<ChecklistReport>
     */
    private function seen(Student $student, array $cards, TeachingPreferences $schools): array
    {
        $seen = $this->seenPoints($student);
        if ($schools->answer('feet') === 'unimportant') {
            $cards = array_map(static fn(Checklist $card): Checklist => $card->withoutFeet(), $cards);
        }

        return array_values(
            array_map(static fn(Checklist $card): ChecklistReport => ChecklistReport::of($card, $seen), $cards),
        );
    }

    /** @return list<PointInSession> oldest first */
    private function seenPoints(Student $student): array
    {
        /** @var Collection<int, ChecklistAnswerRecord> $answers */
        $answers = ChecklistAnswerRecord::query()
            ->where('student_id', $student->id)
            ->orderBy('at_ms')
            ->orderBy('id')
            ->get();

        return array_values(
            $answers->map(static fn(ChecklistAnswerRecord $row): PointInSession => $row->inSession())->all(),
        );
    }
}

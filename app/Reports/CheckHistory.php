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
use Amble\Core\Session\CheckAttempt;
use Amble\Core\Session\PointAnswer;
use Amble\Core\Student\Prompt;
use Amble\Core\Student\Prompts;
use Amble\Core\Student\TeachingPreferences;
use App\Models\OwnChecklist;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Models\TakeHomeCard;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Gathers what was checked of a student, and what of it is to be remembered. */
final class CheckHistory
{
    public function __construct(private readonly BallRepository $evidence, private readonly HomeworkLog $home) {}

    /** Everything that was checked of a student by measuring. */
    public function checked(Student $student): StudentChecks
    {
        $rows = array_values(
            DB::table('check_attempts')
                ->where('student_id', $student->id)
                ->orderBy('at_ms')
                ->orderBy('id')
                ->get()
                ->all(),
        );
        $speeds = $this->evidence->speeds($rows);

        return new StudentChecks(
            array_map(
                static function (\stdClass $row, int $i) use ($speeds): MadeAttempt {
                    /** @var array<string, string|bool|int|float> $answers */
                    $answers = json_decode((string) $row->answers, true, 4, JSON_THROW_ON_ERROR);

                    return new MadeAttempt(
                        new CheckAttempt($row->id, (int) $row->at_ms, $row->student_id, $row->kind, $answers),
                        $row->practice_session_id,
                        $speeds[$i],
                    );
                },
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
        return array_values(
            DB::table('checklist_answers')
                ->where('student_id', $student->id)
                ->orderBy('at_ms')
                ->orderBy('id')
                ->get()
                ->map(
                    static fn(\stdClass $row): PointInSession => new PointInSession(
                        $row->card,
                        $row->point,
                        PointAnswer::from($row->sight),
                        $row->word,
                        $row->practice_session_id,
                        (int) $row->at_ms,
                    ),
                )
                ->all(),
        );
    }
}

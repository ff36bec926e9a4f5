<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Review\BackstrokeTable;
use Amble\Core\Review\Measure\Strokes;
use Amble\Core\Review\TableLength;
use Amble\Core\Stroke\FitOptions;
use Amble\Core\Stroke\StrokeFitter;
use Amble\Core\Stroke\StrokePrior;
use App\Models\Student;
use App\Models\TakeHomeCard;

/** What a student's take-home card is told from. */
final class TakeHomeCards
{
    /** The second green is so much faster where the coach names none. */
    private const FASTER = 1.15;

    public function __construct(private readonly StudentBalls $students, private readonly StrokePriors $priors) {}

    /** The card there is, or an empty one that is not kept yet. */
    public function cardOf(Student $student): TakeHomeCard
    {
        /** @var TakeHomeCard|null $card */
        $card = TakeHomeCard::query()->where('student_id', $student->id)->first();

        return $card ?? new TakeHomeCard(['student_id' => $student->id, 'workspace_id' => $student->workspace_id]);
    }

    /**
     * Keep fields of a student's card; what is not among them stays.
     *
     * @param array<string, mixed> $fields validated
     * @param string $coachId whose doing it is, where there was no card
     */
    public function keep(Student $student, array $fields, string $coachId): TakeHomeCard
    {
        $card = $this->cardOf($student);
        $card->fill($fields + ['coach_id' => $card->coach_id ?? $coachId])->save();

        return $card;
    }

    /** @return list<BackstrokeTable> the student's line told for two green speeds; none before there is a line */
    public function tables(Student $student, TakeHomeCard $card): array
    {
        [$asked] = $this->students->ofStudent($student, null);
        $last = $asked->latest(1)[0] ?? null;
        if ($last === null) {
            return [];
        }
        $prior = $last->surface === null ? StrokePrior::shipped() : $this->priors->of($student, $last->surface);
        $fit = (new StrokeFitter(new FitOptions($prior)))->fit(Strokes::putts($asked));
        $first = $card->speed_1_m ?? ($last->reading->reading->speed ?? GreenSpeed::ordinary())->metres();
        $asked = TableLength::of([], $student->unit);

        return $fit->beta() === null
            ? []
            : array_map(
                static fn(float $speed): BackstrokeTable => BackstrokeTable::of(
                    $fit,
                    GreenSpeed::ofMetres($speed),
                    0.0,
                    $asked,
                    $student->unit,
                ),
                [$first, $card->speed_2_m ?? min(6.1, self::FASTER * $first)],
            );
    }
}

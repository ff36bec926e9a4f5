<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Drill\WeakBreak;
use Amble\Core\Green\GreenSpeed;
use Amble\Core\Numeric\RandomSource;
use Amble\Core\Reading\PuttSituation;
use Amble\Core\Reading\QuizAnswer;
use Amble\Core\Reading\QuizOfTen;
use Amble\Core\Reading\ReadHabit;
use Amble\Core\Report\Finding;
use Amble\Core\Review\Measure\LowSide;
use Amble\Core\Review\WeakSide;
use Amble\Core\Steps\Ladder;
use Amble\Core\Units\Grade;
use Amble\Core\Units\Length;
use App\Models\PracticeSession;
use App\Models\QuizAnswerRecord;
use App\Models\Student;
use Illuminate\Support\Collection;

/** A student's guesses at putts that roll on the screen. */
final class ReadingQuiz
{
    public function __construct(private readonly BallReport $looks) {}

    /** Guesses the habit is told from, the latest. */
    private const LATELY = 60;

    /** Sessions whose stations are putts of their own. */
    private const SESSIONS = 40;

    /**
     * How the guesses stand: the ladder of levels, right ones of the last ten, and the habit.
     *
     * @return array{Ladder, int, int, list<Finding>} the second: all there are, the third: right of the last ten
     */
    public function standing(Student $student): array
    {
        $rows = QuizAnswerRecord::query()
            ->where('student_id', $student->id)
            ->orderByDesc('created_at')
            ->orderByDesc('id');
        /** @var list<bool> $passes a level is climbed to by every guess there was, however long ago */
        $passes = $rows->pluck('is_right')->reverse()->values()->all();
        /** @var Collection<int, QuizAnswerRecord> $latest */
        $latest = $rows->limit(self::LATELY)->get();
        $guesses = array_values(
            array_filter($latest->map(static fn(QuizAnswerRecord $row): ?QuizAnswer => $row->guess())->all()),
        );
        $habit = ReadHabit::of(
            array_map(
                static fn(QuizAnswer $guess): array => [
                    $guess->aim,
                    $guess->needed,
                    LowSide::curving($guess->needed > 0.0 ? 'left' : 'right', $student->hand),
                ],
                $guesses,
            ),
        );

        return [
            QuizOfTen::level($passes),
            count($passes),
            count(array_filter(array_slice($passes, -QuizOfTen::COUNT))),
            $habit === null ? [] : [$habit],
        ];
    }

    /**
     * Ten putts; which ones is chance.
     *
     * @param list<PuttSituation> $rolled the student's own, to draw from where there are some
     *
     * @return list<PuttSituation>
     */
    public function ten(
        Student $student,
        int $level,
        bool $isBlocked,
        array $rolled,
        ?string $curving,
        RandomSource $random,
    ): array {
        return QuizOfTen::of(
            $level,
            $this->speed($student),
            $student->finish_past_m,
            $isBlocked,
            $random,
            $rolled,
            $curving,
        );
    }

    /** @return list<PuttSituation> stations of this student's sessions that break, on the green as it last was */
    public function rolled(Student $student): array
    {
        $speed = $this->speed($student);
        $putts = [];
        /** @var Collection<int, PracticeSession> $sessions */
        $sessions = PracticeSession::query()
            ->where('student_id', $student->id)
            ->orderByDesc('started_at')
            ->limit(self::SESSIONS)
            ->get();
        foreach ($sessions as $session) {
            foreach ($session->stations as $station) {
                $across = (float) ($station['across_percent'] ?? 0.0);
                if (abs($across) > 0.0) {
                    $putts[] = PuttSituation::plain(
                        Length::ofMetres((float) $station['length_m']),
                        $speed,
                        Grade::ofPercent((float) ($station['grade_percent'] ?? 0.0)),
                        Grade::ofPercent($across),
                        $student->finish_past_m,
                    );
                }
            }
        }

        return $putts;
    }

    /** The way it curves on which they do worse; null where their balls do not say. */
    public function feared(Student $student): ?WeakSide
    {
        return WeakSide::of($this->looks->all($student));
    }

    /**
     * The drill with its weak-break stations turned to this student's weak side, by their balls where those say, else
     * by hand.
     */
    public function turned(\stdClass $definition, ?Student $student): \stdClass
    {
        return $student === null || !WeakBreak::isIn($definition)
            ? $definition
            : WeakBreak::turned($definition, $this->feared($student)->curving ?? WeakBreak::ofHand($student->hand));
    }

    private function speed(Student $student): GreenSpeed
    {
        $last = PracticeSession::query()
            ->where('student_id', $student->id)
            ->whereNotNull('green_id')
            ->latest('started_at')
            ->first();

        return $last?->green?->latestReading?->speed() ?? GreenSpeed::ordinary();
    }
}

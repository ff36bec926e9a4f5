<?php

declare(strict_types=1);

namespace App\Reports;

use Amble\Core\Card\Card;
use Amble\Core\Card\CardLook;
use Amble\Core\Card\SeenPoint;
use Amble\Core\Card\ShippedCards;
use Amble\Core\Check\Checked;
use Amble\Core\Check\CheckLook;
use Amble\Core\Check\Kind\ShoePlace;
use Amble\Core\Check\MadeTry;
use Amble\Core\Review\Remember;
use Amble\Core\Session\CheckTry;
use Amble\Core\Session\PointSight;
use Amble\Core\Student\Prompt;
use Amble\Core\Student\Prompts;
use Amble\Core\Student\Schools;
use App\Models\OwnCard;
use App\Models\PocketCard;
use App\Models\PracticeSession;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Gathers what was checked of a student, and what of it is to be remembered. */
final class CheckReport
{
    public function __construct(private readonly BallRepository $evidence, private readonly HomeworkReport $home)
    {
    }

    /** Everything that was checked of a student by measuring. */
    public function checked(Student $student): Checked
    {
        $rows = array_values(DB::table('check_tries')->where('student_id', $student->id)->orderBy('at_ms')->orderBy('id')->get()->all());
        $speeds = $this->evidence->speeds($rows);

        return new Checked(array_map(static function (\stdClass $row, int $i) use ($speeds): MadeTry {
            /** @var array<string, string|bool|int|float> $answers */
            $answers = json_decode((string) $row->answers, true, 4, JSON_THROW_ON_ERROR);

            return new MadeTry(new CheckTry($row->id, (int) $row->at_ms, $row->student_id, $row->kind, $answers), $row->practice_session_id, $speeds[$i]);
        }, $rows, array_keys($rows)), $student->schools(), $student->unit);
    }

    /** @return list<CheckLook> those that were ever made, in the order of a session */
    public function looks(Student $student): array
    {
        return CheckLook::all($this->checked($student));
    }

    /** @return array<string, Card> those that ship, each as the bench keeps it, and its own, by key */
    public function cards(string $benchId): array
    {
        $cards = ShippedCards::all();
        /** @var Collection<int, OwnCard> $own */
        $own = OwnCard::query()->where('bench_id', $benchId)->orderBy('created_at')->orderBy('id')->get();
        foreach ($own as $row) {
            $cards[$row->key] = $row->card();
        }

        return $cards;
    }

    /** @return list<CardLook> every card as this student was last looked at by it, without what their school does not look at */
    public function cardLooks(Student $student): array
    {
        return $this->seen($student, $this->cards($student->bench_id), $student->schools());
    }

    /**
     * What to remember of a student today, and what is said beside the lane.
     *
     * @return array{lines: list<array{string, string}>, recipe: Card|null, prompts: list<Prompt>, after_miss: list<string>} a line is what it is about and the words;
     *                                                                                          the recipe is null where none was chosen, or it is gone
     */
    public function remembered(Student $student): array
    {
        $checked = $this->checked($student);
        $cards = $this->cards($student->bench_id);
        [$facts, $schools] = [$student->facts(), $student->schools()];
        $recipe = $cards[$facts->recipe ?? ''] ?? null;
        $last = PracticeSession::ballsSeenOf($student)->max('at_ms');
        $today = CarbonImmutable::now();
        /** @var PocketCard|null $pocket */
        $pocket = PocketCard::query()->where('student_id', $student->id)->get()->first();

        return [
            'lines' => Remember::lines(
                $facts,
                $student->inWork(),
                $this->seen($student, $cards, $schools),
                CheckLook::all($checked),
                $student->exception,
                is_numeric($last) ? (int) CarbonImmutable::createFromTimestampMs((int) $last)->diffInWeeks($today) : null,
                $pocket?->task()?->line(),
                $this->home->look($student, is_numeric($last) ? (int) $last : 0),
                $today->toDateString(),
            ),
            'recipe' => $recipe,
            'prompts' => Prompts::of($facts, $schools, $recipe, ShoePlace::places($checked), $cards[$facts->views ?? ''] ?? null),
            'after_miss' => Prompts::afterMiss($schools),
        ];
    }

    /**
     * @param array<string, Card> $cards
     *
     * @return list<CardLook>
     */
    private function seen(Student $student, array $cards, Schools $schools): array
    {
        $seen = $this->seenPoints($student);
        if ($schools->answer('feet') === 'unimportant') {
            $cards = array_map(static fn(Card $card): Card => $card->withoutFeet(), $cards);
        }

        return array_values(array_map(static fn(Card $card): CardLook => CardLook::of($card, $seen), $cards));
    }

    /** @return list<SeenPoint> oldest first */
    private function seenPoints(Student $student): array
    {
        return array_values(DB::table('card_sights')->where('student_id', $student->id)->orderBy('at_ms')->orderBy('id')->get()
            ->map(static fn(\stdClass $row): SeenPoint => new SeenPoint($row->card, $row->point, PointSight::from($row->sight), $row->word, $row->practice_session_id, (int) $row->at_ms))
            ->all());
    }
}

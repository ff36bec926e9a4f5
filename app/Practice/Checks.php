<?php

declare(strict_types=1);

namespace App\Practice;

use Amble\Core\Card\Card;
use Amble\Core\Card\CardLook;
use Amble\Core\Card\SeenPoint;
use Amble\Core\Card\ShippedCards;
use Amble\Core\Check\Checked;
use Amble\Core\Check\CheckKind;
use Amble\Core\Check\CheckKinds;
use Amble\Core\Check\CheckLook;
use Amble\Core\Check\Kind\ShoePlace;
use Amble\Core\Check\MadeTry;
use Amble\Core\Session\CheckTry;
use Amble\Core\Session\PointSight;
use Amble\Core\Student\Prompt;
use Amble\Core\Student\Prompts;
use Amble\Core\Student\Remember;
use Amble\Core\Student\Schools;
use App\Models\Bench;
use App\Models\OwnCard;
use App\Models\PocketCard;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Gathers what was checked of a student, and what of it is to be remembered. */
final class Checks
{
    public function __construct(private readonly EvidenceRoom $evidence)
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
        }, $rows, array_keys($rows)), $this->schools($student), $student->unit);
    }

    /** @return list<CheckLook> those that were ever made, in the order of a session */
    public function looks(Student $student): array
    {
        $checked = $this->checked($student);

        return array_values(array_filter(array_map(static fn(CheckKind $kind): ?CheckLook => CheckLook::of($kind, $checked), array_values(CheckKinds::all()))));
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
        $seen = $this->seenPoints($student);
        $cards = $this->cards($student->bench_id);
        if ($this->schools($student)->answer('feet') === 'unimportant') {
            $cards = array_map(static fn(Card $card): Card => $card->withoutFeet(), $cards);
        }

        return array_values(array_map(static fn(Card $card): CardLook => CardLook::of($card, $seen), $cards));
    }

    public function schools(Student $student): Schools
    {
        return Schools::of($student->facts()->schools, Bench::query()->find($student->bench_id)->schools ?? []);
    }

    /** @return list<Prompt> what is said beside the lane */
    public function prompts(Student $student): array
    {
        return Prompts::of($student->facts(), $this->schools($student), $this->recipe($student), ShoePlace::places($this->checked($student)));
    }

    /** The card that is this student's routine; null where none was chosen, or it is gone. */
    public function recipe(Student $student): ?Card
    {
        return $this->cards($student->bench_id)[$student->facts()->recipe ?? ''] ?? null;
    }

    /** @return list<array{string, string}> what it is about, and the line */
    public function remember(Student $student): array
    {
        $last = DB::table('balls')->where('student_id', $student->id)->max('at_ms');
        $today = CarbonImmutable::now();
        /** @var PocketCard|null $pocket */
        $pocket = PocketCard::query()->where('student_id', $student->id)->get()->first();

        return Remember::lines(
            $student->facts(),
            $student->inWork(),
            $this->cardLooks($student),
            $this->looks($student),
            $student->exception,
            is_numeric($last) ? (int) CarbonImmutable::createFromTimestampMs((int) $last)->diffInWeeks($today) : null,
            $pocket?->home_task,
            $today->toDateString(),
        );
    }

    /** @return list<SeenPoint> oldest first */
    private function seenPoints(Student $student): array
    {
        return array_values(DB::table('card_sights')->where('student_id', $student->id)->orderBy('at_ms')->orderBy('id')->get()
            ->map(static fn(\stdClass $row): SeenPoint => new SeenPoint($row->card, $row->point, PointSight::from($row->sight), $row->word, $row->practice_session_id, (int) $row->at_ms))
            ->all());
    }
}

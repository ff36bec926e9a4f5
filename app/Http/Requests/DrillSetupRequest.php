<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\DrillLibrary;
use Illuminate\Support\Collection;

/** A drill to be set out, before it is started; "stepped" holds the paces counted to each station, if any. */
final class DrillSetupRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'session_id' => ['nullable', 'ulid', $this->inWorkspace(PracticeSession::class)],
            'level_is_chosen' => ['sometimes', 'boolean'],
            'students' => ['sometimes', 'array', 'list', 'max:12'],
            'students.*' => ['string', 'distinct', $this->inWorkspace(Student::class)],
            'stepped' => ['sometimes', 'array', 'list', 'max:24'],
            'stepped.*' => ['nullable', 'numeric', 'between:0.5,200'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['session_id' => 'session', 'stepped.*' => 'number of steps', 'students.*' => 'student'];
    }

    public function definition(): \stdClass
    {
        return app(DrillLibrary::class)->readOne($this->getContent());
    }

    /** Say whether the level was chosen already, so that it is not chosen again from last time. */
    public function isChosen(): bool
    {
        return $this->boolean('level_is_chosen');
    }

    /** Give the session it is set out in; null when it is only looked at. */
    public function practiceSession(): ?PracticeSession
    {
        $id = $this->validated('session_id');

        return is_string($id) ? PracticeSession::query()->whereKey($id)->with('student', 'green')->first() : null;
    }

    /** @return Collection<int, Student> who will take turns, in turn; none for the session's own student alone */
    public function students(): Collection
    {
        $ids = array_values(array_filter($this->array('students'), is_string(...)));
        /** @var Collection<int, Student> $students */
        $students = $ids === [] ? collect() : Student::query()->whereKey($ids)->get()->toBase();

        return $students
            ->sortBy(static fn(Student $student): int|false => array_search($student->id, $ids, true))
            ->values();
    }

    /** @return list<float|null> paces to each station, in the drill's order */
    public function stepped(): array
    {
        return array_map(
            static fn(mixed $paces): ?float => is_numeric($paces) ? (float) $paces : null,
            array_values($this->array('stepped')),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PracticeSession;
use App\Practice\DrillLibrary;

/** A drill to be set out, before it is started; "stepped" holds the paces counted to each station, if any. */
final class SetOutRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'session_id' => ['nullable', 'ulid', $this->onBench(PracticeSession::class)],
            'level_is_chosen' => ['sometimes', 'boolean'],
            'stepped' => ['sometimes', 'array', 'max:24'],
            'stepped.*' => ['nullable', 'numeric', 'between:0.5,200'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['session_id' => 'session', 'stepped.*' => 'count of paces'];
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

    /** @return list<float|null> paces to each station, in the drill's order */
    public function stepped(): array
    {
        return array_map(
            static fn(mixed $paces): ?float => is_numeric($paces) ? (float) $paces : null,
            array_values($this->array('stepped')),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Green\Surface;
use Amble\Core\Review\BallFilter;
use Amble\Core\Review\SlopeClass;
use Amble\Core\Session\SessionPart;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Validation\Rule;

/** Which balls are looked at: of a length, a slope, a drill, a putter, a tempo, a time. */
final class BallReportRequest extends StrokeReportRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return parent::rules() + [
            'near_m' => ['sometimes', 'numeric', 'between:0.1,60'],
            'slope' => ['sometimes', Rule::enum(SlopeClass::class)],
            'drill' => ['sometimes', 'string', 'max:80'],
            'putter' => ['sometimes', 'string', 'max:120'],
            'tempo_bpm' => ['sometimes', 'integer', 'between:30,160'],
            'part' => ['sometimes', Rule::enum(SessionPart::class)],
            'surface' => ['sometimes', Rule::enum(Surface::class)],
            'from' => ['bail', 'sometimes', 'string', 'date'],
            'to' => ['bail', 'sometimes', 'string', 'date'],
            'with' => ['sometimes', 'array', 'list', 'max:2'],
            'with.*' => ['string', $this->inWorkspace(Student::class)],
            'then_from' => ['bail', 'sometimes', 'string', 'date'],
            'then_to' => ['bail', 'sometimes', 'string', 'date'],
        ];
    }

    public function filter(?string $sessionId = null): BallFilter
    {
        return new BallFilter(
            from: $this->moment('from'),
            to: $this->moment('to', isEnd: true),
            near: $this->has('near_m') ? $this->float('near_m') : null,
            slope: $this->enum('slope', SlopeClass::class),
            drill: $this->word('drill'),
            putter: $this->word('putter'),
            tempo: $this->has('tempo_bpm') ? $this->integer('tempo_bpm') : null,
            session: $sessionId,
            part: $this->enum('part', SessionPart::class),
        );
    }

    /** Another time of the same student to be laid beside; null where none is asked for. */
    public function then(): ?BallFilter
    {
        return $this->has('then_from') || $this->has('then_to')
            ? new BallFilter($this->moment('then_from'), $this->moment('then_to', isEnd: true))
            : null;
    }

    /** The surface asked for; null for the one the student rolled on last. */
    public function surface(): ?Surface
    {
        return $this->enum('surface', Surface::class);
    }

    /** @return list<Student> to be laid beside */
    public function others(): array
    {
        $ids = array_values(array_filter((array) $this->validated('with', []), is_string(...)));

        return array_map(static fn(string $id): Student => Student::withTrashed()->findOrFail($id), $ids);
    }

    private function word(string $field): ?string
    {
        $word = $this->validated($field);

        return is_string($word) ? $word : null;
    }

    /** Unix milliseconds; a day alone ends with its last moment. */
    private function moment(string $field, bool $isEnd = false): ?int
    {
        $said = $this->word($field);
        if ($said === null) {
            return null;
        }
        $at = CarbonImmutable::parse($said);

        return (int) ($isEnd && preg_match('/^\d{4}-\d\d-\d\d$/', $said) === 1
            ? $at->endOfDay()
            : $at
        )->getTimestampMs();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'near_m' => 'length',
            'from' => 'first day',
            'to' => 'last day',
            'then_from' => 'first day before',
            'then_to' => 'last day before',
            'tempo_bpm' => 'tempo',
            'with' => 'students to compare',
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'date' => 'The :attribute must be a date, like 2026-11-26.',
            'with.max' => 'At most two other students can be compared.',
        ] + parent::messages();
    }
}

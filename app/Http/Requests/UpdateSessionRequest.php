<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Plan\Plan;
use App\Actions\DeviceTime;
use App\Models\Green;
use App\Models\PracticeSession;
use App\Models\Student;
use Illuminate\Validation\Validator;

/** Any part of a session's card that is no event; what is not sent stays as it is. */
final class UpdateSessionRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'student_id' => ['sometimes', 'nullable', 'string', $this->inWorkspace(Student::class)],
            'green_id' => ['sometimes', 'nullable', 'string', $this->inWorkspace(Green::class)],
            'minutes' => ['sometimes', 'nullable', 'integer', 'between:1,480'],
            'purpose' => ['sometimes', 'nullable', 'string', 'max:200'],
            // Events since: an app of an older version is told, not silently ignored.
            'conditions' => ['missing'],
            'stations' => ['missing'],
            'dismissed_insights' => ['missing'],
            'note_for_student' => ['sometimes', 'nullable', 'string', 'max:4000'],
            'note_for_next' => ['sometimes', 'nullable', 'string', 'max:4000'],
            'kit_word' => ['sometimes', 'nullable', 'string', 'max:300'],
            'plan' => ['sometimes', 'nullable', 'array'],
            // What of it goes on the student's take-home card.
            'pocket' => [
                'sometimes',
                'array:work_on,home_task,home_balls,home_drill,home_cue,home_target,home_days,next_on',
            ],
            'pocket.work_on' => ['nullable', 'string', 'max:300'],
            'pocket.home_task' => ['nullable', 'string', 'max:300'],
            ...TakeHomeCardRequest::taskRules('pocket.'),
            'pocket.next_on' => ['bail', 'nullable', 'string', 'date_format:Y-m-d'],
            // What was planned ahead begins.
            'started' => ['sometimes', 'accepted'],
            'started_at_ms' => DeviceTime::RULES,
            'ended' => ['sometimes', 'boolean'],
            'ended_at_ms' => DeviceTime::RULES,
        ];
    }

    /**
     * @return list<\Closure(Validator): void> nothing made up becomes somebody's; what went out comes back before a session ends, or a word says why not
     */
    public function after(): array
    {
        return [
            $this->readPlan(...),
            function (Validator $validator): void {
                $session = $this->route('session');
                if (
                    $session instanceof PracticeSession &&
                    $session->ended_at === null &&
                    $this->boolean('ended') &&
                    $session->kit_out !== [] &&
                    ($this->string('kit_word')->trim()->toString() === '' && $session->kit_word === null)
                ) {
                    $validator
                        ->errors()
                        ->add('kit_word', 'Some equipment is not collected: count it, or enter why it stays.');
                }
                if (
                    $session instanceof PracticeSession &&
                    $session->student?->is_simulated === true &&
                    $this->hasAny(['student_id', 'green_id'])
                ) {
                    $validator
                        ->errors()
                        ->add(
                            'student_id',
                            'A simulated session keeps its student and green. Delete it and start a session.',
                        );
                }
            },
        ];
    }

    /** The plan as the core reads it: nothing else that was sent with it is kept. */
    public function plan(): ?Plan
    {
        if (!is_array($this->input('plan'))) {
            return null;
        }
        $told = json_decode(
            json_encode((object) $this->array('plan'), JSON_THROW_ON_ERROR),
            false,
            64,
            JSON_THROW_ON_ERROR,
        );
        assert($told instanceof \stdClass);

        return Plan::read(JsonInput::fromArray(get_object_vars($told), 'plan'));
    }

    private function readPlan(Validator $validator): void
    {
        try {
            $this->plan();
        } catch (InvalidInput $error) {
            $validator->errors()->add($error->field() ?? 'plan', $error->getMessage());
        }
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'missing' => 'This app is older than the server. Reload it; your entries are saved.',
            'minutes.between' => 'A session is between :min and :max minutes.',
        ] + parent::messages();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return [
            'student_id' => 'student',
            'green_id' => 'green',
            'kit_word' => 'reason the equipment stays',
            'note_for_student' => 'note for the student',
            'note_for_next' => 'note for next time',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Coach;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;

/** A request by a signed-in coach; whose record it is about is decided by policy on the route. */
abstract class WorkspaceRequest extends FormRequest
{
    /** What is made anew is made in the workspace the coach works at, which they must be allowed to change. */
    public function authorize(): bool
    {
        $coach = $this->user();

        return $coach instanceof Coach &&
            ($this->isMethodSafe() || $coach->roleAt($coach->workspace_id)?->mayChange() === true);
    }

    /**
     * A number in a body is a number: as text it would be kept as text, and no screen could reckon with it.
     *
     * @return array<string, mixed>
     */
    protected function validationRules(): array
    {
        $rules = parent::validationRules();

        return $this->isMethodSafe()
            ? $rules
            : array_map(
                static fn(mixed $rule): mixed => !is_array($rule)
                    ? $rule
                    : array_map(
                        static fn(mixed $one): mixed => $one === 'numeric' || $one === 'integer' ? "$one:strict" : $one,
                        $rule,
                    ),
                $rules,
            );
    }

    public function coach(): Coach
    {
        $coach = $this->user();
        assert($coach instanceof Coach);

        return $coach;
    }

    /** The id under which the client wants it made; null where it leaves that to the server. */
    public function clientId(): ?string
    {
        $id = $this->validated('id');

        return is_string($id) ? $id : null;
    }

    /** A record of this coach's workspace, one put away too. */
    protected function inWorkspace(string $model): Exists
    {
        return Rule::exists($model, 'id')->where('workspace_id', $this->coach()->workspace_id);
    }

    /**
     * Say the same thing the same way on every form.
     *
     * @return array<string, string|array<string, string>>
     */
    public function messages(): array
    {
        return [
            'required' => 'Enter the :attribute.',
            'required_with' => 'Enter the :attribute.',
            'timezone' => 'The :attribute does not exist.',
            'date_format' => 'The :attribute must be a date like 2026-11-26.',
            'before_or_equal' => 'The :attribute is still to come.',
            'after' => 'The :attribute is too long ago.',
            'string' => 'The :attribute must be text.',
            'numeric' => 'The :attribute must be a number.',
            'integer' => 'The :attribute must be a whole number.',
            'between' => 'The :attribute must be between :min and :max.',
            'gt' => 'The :attribute must be above :value.',
            // By what it measures; the framework looks for a sentence of each.
            'max' => [
                'string' => 'The :attribute must be at most :max letters long.',
                'array' => 'At most :max :attribute can be saved.',
                'numeric' => 'The :attribute must be at most :max.',
            ],
            'min' => [
                'string' => 'The :attribute must be at least :min letters long.',
                'array' => 'At least :min :attribute are needed.',
                'numeric' => 'The :attribute must be at least :min.',
            ],
            'email' => 'This is not an email address.',
            'unique' => 'There is already an account with this :attribute.',
            'in' => 'The :attribute is not one of the choices.',
            'enum' => 'The :attribute is not one of the choices.',
            'ulid' => 'The :attribute is not an id.',
            'array' => 'The :attribute must be a list.',
            'list' => 'The :attribute must be a list.',
            'exists' => 'That :attribute is not in your workspace.',
            'distinct' => 'Each :attribute may appear once.',
        ];
    }
}

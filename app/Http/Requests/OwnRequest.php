<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Coach;
use Illuminate\Foundation\Http\FormRequest;

/** A request by a signed-in coach; whose record it is about is decided by policy on the route. */
abstract class OwnRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() instanceof Coach;
    }

    public function coach(): Coach
    {
        $coach = $this->user();
        assert($coach instanceof Coach);

        return $coach;
    }

    /**
     * Say the same thing the same way on every form.
     *
     * @return array<string, string>
     */
    public function messages(): array
    {
        return [
            'required' => 'Please give the :attribute.',
            'string' => 'The :attribute must be text.',
            'numeric' => 'The :attribute must be a number.',
            'integer' => 'The :attribute must be a whole number.',
            'between' => 'The :attribute must be between :min and :max.',
            'between.numeric' => 'The :attribute must be between :min and :max.',
            'gt' => 'The :attribute must be above :value.',
            'max.string' => 'The :attribute must be at most :max letters long.',
            'max.array' => 'At most :max :attribute can be kept.',
            'min.string' => 'The :attribute must be at least :min letters long.',
            'email' => 'This does not look like an e-mail address.',
            'unique' => 'There is already an account with this :attribute.',
            'in' => 'The :attribute is not one of the choices.',
            'enum' => 'The :attribute is not one of the choices.',
            'ulid' => 'The :attribute is not an id.',
            'array' => 'The :attribute must be a list.',
            'exists' => 'That :attribute is not on your bench.',
            'distinct' => 'Each :attribute may appear once.',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Auth\TwoStepSignIn;
use App\Models\Coach;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    use ReadsAddress;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'max:200'],
            'code' => ['sometimes', 'nullable', 'string', 'max:40'],
        ];
    }

    /** @return array<string, mixed> */
    public function credentials(): array
    {
        return Arr::only($this->validated(), ['email', 'password']);
    }

    /**
     * Whether whoever knows the password may come in; asked after it alone, so that nobody else learns what an account
     * asks for.
     *
     * @throws ValidationException At the code, if one is due.
     */
    public function passes(Coach $coach): bool
    {
        (new TwoStepSignIn($coach))->pass($this->validated('code'));

        return true;
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return ['required' => 'Enter your :attribute.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['email' => 'email address'];
    }
}

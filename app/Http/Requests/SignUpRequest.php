<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Coach;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class SignUpRequest extends FormRequest
{
    use ReadsAddress;
    use ReadsPassword;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => [
                'required',
                'string',
                'email',
                'max:200',
                Rule::notIn([config('amble.demo_email')]),
                Rule::unique(Coach::class),
            ],
            'password' => self::chosenPassword(),
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'required' => 'Enter your :attribute.',
            'email' => 'This is not an email address.',
            'unique' => 'There is already an account with this email address. Sign in instead.',
            'not_in' => 'This address belongs to the demo.',
        ] + self::aboutPasswords();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['email' => 'email address'];
    }
}

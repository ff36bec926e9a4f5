<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A new password, by the link that was sent. */
final class ResetPasswordRequest extends FormRequest
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
            'email' => ['required', 'string', 'max:200'],
            'token' => ['required', 'string', 'max:100'],
            'password' => self::chosenPassword(),
        ];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return ['required' => 'Enter the :attribute.'] + self::aboutPasswords();
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['email' => 'email address', 'token' => 'link', 'password' => 'new password'];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Somebody who forgot their password says their address. */
final class ForgotPasswordRequest extends FormRequest
{
    use ReadsAddress;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:200']];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return [
            'required' => 'Enter your email address.',
            'email' => 'This is not an email address.',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    use GivesAddress;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return ['required' => 'Please give your :attribute.'];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['email' => 'e-mail address'];
    }
}

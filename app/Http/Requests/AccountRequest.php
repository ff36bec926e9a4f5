<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** About the coach's own account, whatever they may do at a workspace: the password is asked for again. */
class AccountRequest extends WorkspaceRequest
{
    use ReadsPassword;

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => self::presentPassword()];
    }

    /** @return array<string, string|array<string, string>> */
    public function messages(): array
    {
        return self::aboutPasswords() + parent::messages();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

final class NewPasswordRequest extends AccountRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['current' => self::presentPassword(), 'password' => self::chosenPassword()];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['current' => 'current password', 'password' => 'new password'];
    }
}

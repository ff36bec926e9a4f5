<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** The first code of a new second factor; the password was asked for when it was offered. */
final class TwoStepSignInRequest extends WorkspaceRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** How a password is chosen, and how one is asked for again before something that cannot be undone. */
trait ReadsPassword
{
    /** Bytes of a password that its hash looks at; more would be cut without a word. */
    private const HASHED_BYTES = 72;

    /** @return list<mixed> */
    protected static function chosenPassword(): array
    {
        return [
            'required',
            'string',
            'min:10',
            static function (string $field, mixed $value, \Closure $fail): void {
                if (is_string($value) && strlen($value) > self::HASHED_BYTES) {
                    $fail(
                        'The password must be at most ' .
                            self::HASHED_BYTES .
                            ' letters long; accented ones count as two.',
                    );
                }
            },
        ];
    }

    /** @return list<mixed> */
    protected static function presentPassword(): array
    {
        return ['bail', 'required', 'string', 'max:200', 'current_password:web'];
    }

    /** @return array<string, string|array<string, string>> */
    protected static function aboutPasswords(): array
    {
        return [
            'min' => ['string' => 'The password must be at least :min letters long.'],
            'current_password' => 'This is not your password.',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses what no field can hold, before any field is read: a number beyond all numbers ("1e999" is one in JSON), and
 * text that is no text (a NUL, bytes that are no UTF-8), in values and in names of fields.
 */
final class RefuseUnreadableInput
{
    /**
     * @param \Closure(Request): Response $next
     *
     * @throws ValidationException At the field.
     */
    public function handle(Request $request, \Closure $next): Response
    {
        self::check($request->query->all(), '');
        self::check($request->isJson() ? $request->json()->all() : $request->request->all(), '');

        return $next($request);
    }

    /** @param array<array-key, mixed> $values */
    private static function check(array $values, string $path): void
    {
        foreach ($values as $name => $value) {
            if (is_string($name) && !self::isText($name)) {
                self::refuse($path === '' ? 'input' : rtrim($path, '.'), 'The name of a field cannot be read as text.');
            }
            if (is_array($value)) {
                self::check($value, "$path$name.");
            } elseif (is_float($value) && !is_finite($value)) {
                self::refuse("$path$name", 'This must be a finite number.');
            } elseif (is_string($value) && !self::isText($value)) {
                self::refuse("$path$name", 'This cannot be read as text.');
            }
        }
    }

    private static function isText(string $text): bool
    {
        return !str_contains($text, "\0") && mb_check_encoding($text, 'UTF-8');
    }

    private static function refuse(string $field, string $message): never
    {
        throw ValidationException::withMessages([$field => $message]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Session\Observation\AnswerFormat;

/** How what can be answered is said to a screen: of a ball, and of a check. */
final class AnswerFormatShape
{
    /** @return array<string, mixed> */
    public static function of(AnswerFormat $answers): array
    {
        return [
            'kind' => $answers->kind->value,
            'answers' => self::choices($answers->words),
            'unit' => $answers->isSmall ? 'small_m' : $answers->unit,
            'least' => $answers->unit === null ? null : $answers->least,
            'most' => $answers->unit === null ? null : $answers->most,
        ];
    }

    /**
     * @param array<string, string> $words what is shown, by the answer
     *
     * @return list<array{value: string, label: string}>
     */
    public static function choices(array $words): array
    {
        return array_map(
            static fn(string|int $value, string $label): array => ['value' => (string) $value, 'label' => $label],
            array_keys($words),
            array_values($words),
        );
    }
}

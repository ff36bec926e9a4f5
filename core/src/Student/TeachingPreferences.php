<?php

declare(strict_types=1);

namespace Amble\Core\Student;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** What a student is taught where schools differ: one answer a question, so that advice never mixes two. Immutable. */
final readonly class TeachingPreferences
{
    /**
     * @param array<string, string> $own answers of the student's card, by question
     * @param array<string, string> $coachs those the coach takes where the card does not say
     */
    private function __construct(private array $own, private array $coachs) {}

    /**
     * @param array<string, string> $own answers of the student's card, by question
     * @param array<string, string> $coachs those the coach takes where the card does not say
     */
    public static function of(array $own = [], array $coachs = []): self
    {
        return new self($own, $coachs);
    }

    /**
     * @return array<string, string> by question; only those that were answered
     *
     * @throws InvalidInput If an answer is none of its question's.
     */
    public static function read(?JsonInput $given): array
    {
        $answers = [];
        foreach (PreferenceQuestion::all() as $key => $question) {
            if ($given?->has($key) === true) {
                $answers[$key] = $given->word($key, array_keys($question->answers));
            }
        }

        return $answers;
    }

    /** The answer that holds: the card's, else the coach's, else the one that ships. */
    public function answer(string $question): string
    {
        return $this->own[$question] ?? ($this->coachs[$question] ?? PreferenceQuestion::all()[$question]->default);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Student\PreferenceQuestion;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A question on which schools differ.
 *
 * @property PreferenceQuestion $resource
 */
final class PreferenceQuestionResource extends JsonResource
{
    public function __construct(PreferenceQuestion $question, private readonly ?string $coachs)
    {
        parent::__construct($question);
    }

    /**
     * @param list<PreferenceQuestion> $questions
     * @param array<string, string> $coachs answers of the workspace, by question
     *
     * @return list<self>
     */
    public static function all(array $questions, array $coachs): array
    {
        return array_map(
            static fn(PreferenceQuestion $question): self => new self($question, $coachs[$question->key] ?? null),
            $questions,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $question = $this->resource;

        return [
            'key' => $question->key,
            'question' => $question->question,
            'changes' => $question->changes,
            'answers' => AnswerFormatShape::choices($question->answers),
            'default' => $question->default,
            'coachs' => $this->coachs,
        ];
    }
}

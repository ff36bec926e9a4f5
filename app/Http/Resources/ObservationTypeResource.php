<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Session\Observation\ObservationType;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One thing that can be seen of a ball.
 *
 * @property ObservationType $resource
 */
final class ObservationTypeResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'name' => $this->resource->name,
            'question' => $this->resource->question,
            ...AnswerFormatShape::of($this->resource->answers),
            'feeds' => $this->resource->feeds->value,
            'of_any_ball' => $this->resource->isOfAnyBall,
            'before' => $this->resource->isBefore,
            'key' => $this->resource->key,
            'tells' => self::answersByName($this->resource->tells),
            'tells_of_next' => self::answersByName($this->resource->tellsOfNext),
        ];
    }

    /**
     * @param array<string, array<string, string>> $told by kind and answer
     *
     * @return list<array{name: string, answers: object}>
     */
    private static function answersByName(array $told): array
    {
        return array_map(
            static fn(string $name, array $answers): array => ['name' => $name, 'answers' => (object) $answers],
            array_keys($told),
            array_values($told),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Check\CheckField;
use Amble\Core\Check\CheckKind;
use Amble\Core\Session\SafetyNote;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One thing that can be checked by measuring.
 *
 * @property CheckKind $resource
 */
final class CheckKindResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $kind = $this->resource;

        return [
            'key' => $kind->key,
            'question' => $kind->question,
            'steps' => $kind->steps,
            'care' => array_map(static fn(SafetyNote $caution): string => $caution->value, $kind->care),
            'dose' => $kind->dose,
            'picture' => $kind->picture->value,
            'fields' => array_map(
                static fn(CheckField $field): array => [
                    'name' => $field->name,
                    'question' => $field->question,
                    ...AnswerFormatShape::of($field->answers),
                    'sides' => $field->sides,
                    'is_needed' => $field->isNeeded,
                ],
                $kind->fields,
            ),
        ];
    }
}

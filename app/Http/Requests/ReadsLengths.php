<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A request with several lengths, metres. */
trait ReadsLengths
{
    /** @return array<string, list<mixed>> */
    private static function rulesOfLengths(): array
    {
        return [
            'lengths_m' => ['required', 'list', 'min:1', 'max:24'],
            'lengths_m.*' => ['required', 'numeric', 'gt:0', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function attributes(): array
    {
        return ['lengths_m' => 'lengths', 'lengths_m.*' => 'length'];
    }

    /** @return list<float> */
    private function lengths(): array
    {
        return array_map(
            static fn(mixed $metres): float => is_numeric($metres) ? (float) $metres : 0.0,
            array_values($this->array('lengths_m')),
        );
    }
}

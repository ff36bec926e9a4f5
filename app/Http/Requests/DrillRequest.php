<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Reports\DrillLibrary;

/** One drill as JSON under "drill". What makes sense is the core's to say, so there are no rules for it here. */
final class DrillRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['id' => ['sometimes', 'ulid']];
    }

    /** Give the drill, checked. */
    public function drill(): \stdClass
    {
        return app(DrillLibrary::class)->readOne($this->getContent());
    }

    /** @return array{name: string, definition: string} */
    public function columns(): array
    {
        return self::columnsOf($this->drill());
    }

    /** @return array{name: string, definition: string} */
    public static function columnsOf(\stdClass $drill): array
    {
        return ['name' => (string) $drill->name, 'definition' => json_encode($drill, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)];
    }
}

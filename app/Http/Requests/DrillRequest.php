<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\DrillDefinition;
use App\Reports\DrillLibrary;

/** One drill as JSON under "drill". What makes sense is the core's to say, so there are no rules for it here. */
final class DrillRequest extends WorkspaceRequest
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
        return DrillDefinition::columns($this->drill());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A library file as the body. What makes sense is the core's to say, so there are no rules here. */
final class ImportDrillsRequest extends WorkspaceRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }
}

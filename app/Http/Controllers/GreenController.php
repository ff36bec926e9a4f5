<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\GreenRequest;
use App\Http\Resources\GreenResource;
use App\Models\Green;
use Illuminate\Http\Response;

final class GreenController
{
    public function store(GreenRequest $request): GreenResource
    {
        return GreenResource::make($request->coach()->greens()->create($request->validated()));
    }

    public function update(GreenRequest $request, Green $green): GreenResource
    {
        $green->update($request->validated());

        return GreenResource::make($green);
    }

    public function destroy(Green $green): Response
    {
        $green->delete();

        return response()->noContent();
    }
}

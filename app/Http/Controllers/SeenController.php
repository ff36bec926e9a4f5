<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Session\Observation\ObservationTypes;
use App\Http\Resources\SeenKindResource;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class SeenController
{
    /** Lay out everything that can be seen of a ball. */
    public function __invoke(): AnonymousResourceCollection
    {
        return SeenKindResource::collection(array_values(ObservationTypes::all()));
    }
}

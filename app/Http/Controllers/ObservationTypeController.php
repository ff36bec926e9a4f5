<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Session\Observation\ObservationTypes;
use App\Http\Resources\ObservationTypeResource;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;

final class ObservationTypeController
{
    /** Lay out everything that can be seen of a ball. */
    public function __invoke(): AnonymousResourceCollection
    {
        return ObservationTypeResource::collection(array_values(ObservationTypes::all()));
    }
}

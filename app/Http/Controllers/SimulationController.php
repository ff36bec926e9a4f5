<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SimulatedSession;
use App\Http\Requests\SimulationRequest;
use App\Http\Requests\SimulationStepRequest;
use App\Models\PracticeSession;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** A simulated session that shows how Amble works. */
final class SimulationController
{
    public function __construct(private readonly SimulatedSession $walks) {}

    public function store(SimulationRequest $request): JsonResponse
    {
        return new JsonResponse([
            'session_id' => $this->walks->begin($request->coach(), $request->string('id')->toString())->id,
        ]);
    }

    public function next(SimulationStepRequest $request, PracticeSession $session): JsonResponse
    {
        self::refuseReal($session);
        $next = $this->walks->next($session, $request->coach(), $request->drill(), $request->seen());
        if ($next === null) {
            return new JsonResponse(['step' => null]);
        }
        [$step, $drill, $run] = $next;

        return new JsonResponse([
            'step' => [
                'key' => $step->key,
                'place' => $step->place->value,
                'run_id' => $run?->id,
                'says' => $step->says,
                'events' => $step->events,
                'ramp' => $step->ramp,
                'drill' => $drill,
                'notes' =>
                    $step->notes === null ? null : ['for_student' => $step->notes[0], 'for_next' => $step->notes[1]],
                'ends' => $step->ends,
            ],
        ]);
    }

    public function destroy(PracticeSession $session): Response
    {
        self::refuseReal($session);
        $this->walks->clear($session);

        return response()->noContent();
    }

    /** Nothing real is walked by itself, or cleared away from here. */
    private static function refuseReal(PracticeSession $session): void
    {
        abort_unless($session->student?->is_simulated === true, 404);
    }
}

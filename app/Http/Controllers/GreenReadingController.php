<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Card\Checklist;
use Amble\Core\Reading\ReadingHints;
use App\Http\Requests\HintsRequest;
use App\Http\Requests\PuttReadRequest;
use App\Http\Requests\RollOrChipRequest;
use App\Http\Resources\PuttReadResource;
use App\Reports\CheckHistory;
use App\Reports\PuttReadReport;
use Illuminate\Http\JsonResponse;

final class GreenReadingController
{
    /** Read one putt; nothing is kept. */
    public function __invoke(PuttReadRequest $request, PuttReadReport $room): PuttReadResource
    {
        [$look, $isOwn] = $room->look($request->putt(), $request->student(), $request->surface());

        return new PuttReadResource($look, $isOwn);
    }

    /** What to look for before a putt is read, here and for this student: the coach's own cards. */
    public function hints(HintsRequest $request, CheckHistory $checks): JsonResponse
    {
        $hints = ReadingHints::of(
            $checks->cards($request->coach()->workspace_id),
            $request->green()?->grass,
            $request->schools(),
        );

        return new JsonResponse(
            array_map(
                static fn(Checklist $card): array => [
                    'title' => $card->title,
                    'points' => array_column($card->points, 'text'),
                ],
                $hints,
            ),
        );
    }

    /** Whether a ball beside the green is rolled or chipped; guidance, and nothing is kept. */
    public function rollOrChip(RollOrChipRequest $request): JsonResponse
    {
        $rollOrChip = $request->rollOrChip();

        return new JsonResponse([
            'advice' => $rollOrChip->advice,
            'why' => $rollOrChip->why,
            'limits' => $rollOrChip->limits,
            'cautions' => $rollOrChip->cautions,
        ]);
    }
}

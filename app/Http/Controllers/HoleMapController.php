<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Drill\Station;
use Amble\Core\Roll\MappedPutt;
use Amble\Core\Roll\MappedPutts;
use Amble\Core\Roll\MappedRead;
use Amble\Core\Roll\PuttWish;
use App\Http\Csv\FiguresCsv;
use App\Http\Requests\HoleMapRequest;
use App\Http\Requests\MappedPuttRequest;
use App\Http\Resources\HoleMapResource;
use App\Http\Resources\HoleMapSummaryResource;
use App\Http\Resources\MappedPuttResource;
use App\Http\Resources\MappedReadResource;
use App\Models\DrillDefinition;
use App\Models\Green;
use App\Models\HoleMapRecord;
use App\Reports\DrillLibrary;
use App\Reports\GreenSpeeds;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Mapped holes of a green. */
final class HoleMapController
{
    /** Played past the hole where nobody says otherwise, metres. */
    private const PACE = 0.3;

    /** The newest hole position first. */
    public function index(Green $green): AnonymousResourceCollection
    {
        return HoleMapSummaryResource::collection(
            HoleMapRecord::query()->where('green_id', $green->id)->orderByDesc('created_at')->orderByDesc('id')->get(),
        );
    }

    /** Begin one under the client's id; the same id again answers with what is there. */
    public function store(HoleMapRequest $request, Green $green): HoleMapResource
    {
        $columns = $request->columns() + [
            'id' => $request->clientId(),
            'workspace_id' => $green->workspace_id,
            'coach_id' => $request->coach()->id,
            'green_id' => $green->id,
        ];

        return new HoleMapResource(
            HoleMapRecord::once(
                $request->clientId(),
                $green->workspace_id,
                static fn(): HoleMapRecord => HoleMapRecord::query()->create(
                    array_filter($columns, static fn(mixed $value): bool => $value !== null),
                ),
            ),
        );
    }

    public function show(HoleMapRecord $map): HoleMapResource
    {
        return new HoleMapResource($map);
    }

    /** The slopes as a table: a place a line, metres and per cent. */
    public function slopes(HoleMapRecord $map): Answer
    {
        return FiguresCsv::answer(
            'slopes',
            ['place', 'x_m', 'y_m', 'right_percent', 'up_percent', 'by'],
            array_map(
                static fn(array $reading, int $i): array => [
                    $i + 1,
                    $reading['x_m'],
                    $reading['y_m'],
                    $reading['right_percent'],
                    $reading['up_percent'],
                    $reading['by'],
                ],
                $map->readings,
                array_keys($map->readings),
            ),
        );
    }

    public function update(HoleMapRequest $request, HoleMapRecord $map): HoleMapResource
    {
        $map->update($request->columns());

        return new HoleMapResource($map);
    }

    public function destroy(HoleMapRecord $map): Response
    {
        $map->delete();

        return response()->noContent();
    }

    /** Read a putt from a place; nothing is kept. */
    public function read(MappedPuttRequest $request, HoleMapRecord $map): MappedReadResource
    {
        [$x, $y, $pace] = [$request->float('x_m'), $request->float('y_m'), $request->float('pace_m')];
        self::refuseBeyond($map, $x, $y);

        return new MappedReadResource(
            MappedRead::of($map->map(), $request->speed(), $x, $y, $pace, 'x_m'),
            $x,
            $y,
            $pace,
        );
    }

    /** Find putts of a length: the straight ones, and the one nearest to what is wanted. */
    public function putts(MappedPuttRequest $request, HoleMapRecord $map): JsonResponse
    {
        $wish = $request->wish();
        self::refuseBeyond($map, $wish->length->metres(), 0.0, 'length_m');
        $putts = new MappedPutts($map->map(), $request->speed(), $request->float('pace_m'));
        $nearest = $putts->nearest($wish);

        return new JsonResponse([
            'nearest' => $nearest === null ? null : MappedPuttResource::make($nearest),
            'straight' => MappedPuttResource::collection($putts->straight($wish->length->metres())),
        ]);
    }

    /** Where the stations of a drill lie on the map; nothing is kept. A station that names no slope is laid straight. */
    public function stations(Request $request, HoleMapRecord $map, DrillLibrary $drills): JsonResponse
    {
        $stations = DrillDefinition::card($drills->readOne($request->getContent()))->rules->stations;
        $wished = static fn(Station $station): PuttWish => new PuttWish(
            $station->length(),
            $station->along->ratio() === 0.0 ? null : $station->along,
            $station->across,
        );
        $putts = new MappedPutts($map->map(), GreenSpeeds::last($map->green->loadMissing('latestReading')), self::PACE);

        return new JsonResponse(
            array_map(
                static fn(?MappedPutt $putt): ?MappedPuttResource => $putt === null
                    ? null
                    : MappedPuttResource::make($putt),
                $putts->stations(array_map($wished, $stations)),
            ),
        );
    }

    /** @throws ValidationException If the map does not reach so far. */
    private static function refuseBeyond(HoleMapRecord $map, float $x, float $y, string $field = 'x_m'): void
    {
        if (!$map->map()->covers($x, $y)) {
            throw ValidationException::withMessages([
                $field => 'The map does not reach so far. Measure slopes further out first.',
            ]);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Amble\Core\Device\DeviceField;
use Amble\Core\Device\DeviceKind;
use Amble\Core\Device\DeviceScene;
use Amble\Core\Device\FigureSource;
use Amble\Core\Numeric\SeededRandom;
use App\Http\Requests\DeviceReadingRequest;
use App\Reports\AvailableDevices;
use Illuminate\Http\JsonResponse;

/** What can take a reading, and what the simulated ones read; a reading is kept by whatever asked for it. */
final class DeviceController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(
            array_map(
                static fn(DeviceKind $kind): array => [
                    'kind' => $kind->value,
                    'label' => $kind->label(),
                    'fields' => array_map(
                        static fn(DeviceField $field): array => [
                            'name' => $field->name,
                            'label' => $field->label,
                            'unit' => $field->unit,
                            'error' => $field->error,
                        ],
                        $kind->fields(),
                    ),
                ],
                DeviceKind::cases(),
            ),
        );
    }

    public function read(DeviceReadingRequest $request, AvailableDevices $devices, DeviceKind $device): JsonResponse
    {
        // What a simulated device reads is nobody's measurement: in real accounts there is none.
        abort_unless(
            (bool) config('amble.demo') || $request->student()?->is_simulated === true,
            403,
            'Simulated devices are available in the demo and in simulated sessions only.',
        );
        $random = new SeededRandom(crc32($device->value . $request->string('number')->toString()));
        $at = $devices->of($device, $request->student(), $random);
        // A level is asked about ground that nobody knows yet.
        $scene =
            $device === DeviceKind::Level
                ? $request->onHole() ??
                    DeviceScene::anywhere($request->scene()->speed, $request->scene()->target, $random)
                : $request->scene();

        return new JsonResponse([
            'source' => $at->source()->value,
            'source_label' => FigureSource::labels()[$at->source()->value],
            'readings' => array_map(
                static fn(): object => (object) $at->read($scene),
                range(1, $request->integer('count', 1)),
            ),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Green\HoleMap;
use Amble\Core\Green\SlopeReading;
use Amble\Core\Json\JsonInput;
use Illuminate\Validation\Rule;

/** A hole position, the landmark at twelve o'clock, what its slopes are read by, and those read so far. */
final class HoleMapRequest extends WorkspaceRequest
{
    /** Standard errors by what reads the slopes, per cent. */
    public const DEVICES = ['phone' => 100.0 * HoleMap::PHONE, 'level' => 100.0 * HoleMap::LEVEL];

    /** Nobody reads more places round one hole. */
    private const MOST = 60;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['sometimes', 'ulid'],
            'name' => ['required', 'string', 'max:80'],
            'mark' => ['required', 'string', 'max:120'],
            'read_by' => ['required', Rule::in(array_keys(self::DEVICES))],
            'readings' => ['present', 'list', 'max:' . self::MOST],
            'readings.*' => ['array'],
            'readings.*.by' => ['required', 'string', 'max:40'],
        ];
    }

    /**
     * @return array{name: string, mark: string, noise_percent: float, readings: list<array<string, float|string>>}
     *
     * @throws InvalidInput At the field of a reading that cannot be used.
     */
    public function columns(): array
    {
        $readings = [];
        foreach ($this->array('readings') as $i => $reading) {
            $read = SlopeReading::read(JsonInput::fromArray((array) $reading, "readings.$i"));
            $readings[] = [
                'x_m' => $read->xMetres,
                'y_m' => $read->yMetres,
                'right_percent' => $read->right->percent(),
                'up_percent' => $read->up->percent(),
                'by' => $this->string("readings.$i.by")->toString(),
            ];
        }

        return [
            'name' => $this->string('name')->trim()->toString(),
            'mark' => $this->string('mark')->trim()->toString(),
            'noise_percent' => self::DEVICES[$this->string('read_by')->toString()],
            'readings' => $readings,
        ];
    }
}

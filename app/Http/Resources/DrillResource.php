<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Contract\ReplayComputation;
use Amble\Core\Drill\Drill;
use Amble\Core\Drill\DrillReader;
use Amble\Core\Drill\Pass\PassContext;
use Amble\Core\Json\JsonInput;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A drill as it is kept, with what the core says of it.
 *
 * @property \stdClass $resource
 */
final class DrillResource extends JsonResource
{
    public function __construct(\stdClass $definition, private readonly ?string $ownId = null)
    {
        parent::__construct($definition);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $drill = DrillReader::read(JsonInput::parse(json_encode($this->resource, JSON_THROW_ON_ERROR)));

        return [
            'own_id' => $this->ownId,
            'drill' => $this->resource,
            'can_be_holed' => $drill->target->canBeHoled(),
            'zones' => self::zones($drill),
        ];
    }

    /**
     * What passes at each end of each station, with the widest step and each task a ball may be told.
     *
     * @return list<array<string, mixed>>
     */
    private static function zones(Drill $drill): array
    {
        $step = $drill->steps?->width($drill->steps->ladder());
        $zones = [];
        foreach ($drill->stations as $station) {
            foreach ($station->isScattered() ? [$station->from, $station->to] : [$station->from] as $length) {
                foreach ($drill->tasks === [] ? [null] : array_unique($drill->tasks, SORT_REGULAR) as $task) {
                    $acceptance = $drill->pass->acceptance(new PassContext($length, $task, $step));
                    $zones[] = ['length_m' => $length->metres(), 'task' => $task?->value, 'passes_if' => ReplayComputation::acceptance($acceptance)];
                }
            }
        }

        return $zones;
    }
}

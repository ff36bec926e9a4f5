<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Amble\Core\Green\GreenSpeed;
use Amble\Core\Rounds\FirstPutts;
use Amble\Core\Rounds\Stakes;
use Amble\Core\Rounds\StakesMissing;
use Amble\Core\Strokes\LengthOutcome;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * What would save most putts.
 *
 * @property Stakes|StakesMissing $resource
 */
final class StakesResource extends JsonResource
{
    /**
     * @param bool $isSpeedMeasured whether the speed is one of the student's greens
     * @param bool $isOwnMix whether the first putts are the student's own
     */
    public function __construct(
        Stakes|StakesMissing $stakes,
        private readonly GreenSpeed $speed,
        private readonly bool $isSpeedMeasured,
        private readonly bool $isOwnMix,
    ) {
        parent::__construct($stakes);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $stakes = $this->resource instanceof Stakes ? $this->resource : null;

        return [
            'missing' => $this->resource instanceof StakesMissing ? $this->resource->sentence() : null,
            'speed_m' => $this->speed->metres(),
            'is_speed_measured' => $this->isSpeedMeasured,
            'is_own_mix' => $this->isOwnMix,
            'expected_per_18' => $stakes?->atStake->expectedPer18,
            'ranking' => array_map(
                static fn(string $skill, float $putts): array => ['skill' => $skill, 'putts_per_18' => $putts],
                array_keys($stakes->atStake->stakes ?? []),
                array_values($stakes->atStake->stakes ?? []),
            ),
            'lengths' => array_map(
                static fn(LengthOutcome $outcome): array => [
                    'length_m' => $outcome->lengthMetres,
                    'one_putt' => $outcome->onePutt,
                    'three_or_more' => $outcome->threeOrMore,
                    'expected' => $outcome->expected,
                ],
                $stakes->outcomes ?? [],
            ),
            'pace_balls' => $stakes?->paceBalls,
            'line_balls' => $stakes?->lineBalls,
            'read_spread_deg' => $stakes?->readSpread === null ? null : rad2deg($stakes->readSpread),
            'even_spread_m' => FirstPutts::evenSpread(),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Json\JsonInput;
use Amble\Core\Reading\PuttSituation;
use Carbon\CarbonImmutable;

/**
 * A read kept at a green, by a name: the putt as it was said, with the pace it is good for.
 *
 * @property string $green_id
 * @property string $name
 * @property array<string, mixed> $putt
 * @property CarbonImmutable $created_at
 */
final class SavedRead extends WorkspaceModel
{
    protected $table = 'saved_reads';

    protected $fillable = ['id', 'workspace_id', 'coach_id', 'green_id', 'name', 'putt'];

    public function putt(): PuttSituation
    {
        return PuttSituation::read(JsonInput::parse(json_encode($this->putt, JSON_THROW_ON_ERROR)));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['putt' => 'array'];
    }
}

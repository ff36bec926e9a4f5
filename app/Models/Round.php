<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Json\JsonInput;
use Amble\Core\Rounds\Hole;
use Amble\Core\Rounds\PlayedRound;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * The putting of one round.
 *
 * @property string $student_id
 * @property CarbonImmutable $played_on
 * @property string|null $place
 * @property bool $is_from_memory
 * @property list<array<string, mixed>> $holes
 */
final class Round extends WorkspaceModel
{
    use SoftDeletes;

    protected $fillable = [
        'id',
        'workspace_id',
        'coach_id',
        'student_id',
        'played_on',
        'place',
        'is_from_memory',
        'holes',
    ];

    /** What is worked out from rounds is out of date with each of them. */
    protected static function booted(): void
    {
        $change = static fn(self $round) => Workspace::evidenceChanged($round->workspace_id);
        self::saved($change);
        self::deleted($change);
    }

    public function played(): PlayedRound
    {
        return new PlayedRound(
            array_map(static fn(array $hole): Hole => Hole::read(JsonInput::fromArray($hole, 'holes')), $this->holes),
            $this->is_from_memory,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['played_on' => 'immutable_date', 'is_from_memory' => 'boolean', 'holes' => 'array'];
    }
}

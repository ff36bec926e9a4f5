<?php

declare(strict_types=1);

namespace App\Models;

use Amble\Core\Card\Checklist;
use Amble\Core\Json\JsonInput;

/**
 * A card of points as a workspace keeps it: one that ships, changed, or one of its own.
 *
 * @property string $key
 * @property array<string, mixed> $content as the core's Card gives it
 */
final class OwnChecklist extends WorkspaceModel
{
    protected $table = 'cards';

    protected $fillable = ['id', 'workspace_id', 'coach_id', 'key', 'content'];

    public function card(): Checklist
    {
        return Checklist::read($this->key, JsonInput::parse(json_encode($this->content, JSON_THROW_ON_ERROR)));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array'];
    }
}

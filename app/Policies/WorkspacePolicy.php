<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Coach;
use App\Models\WorkspaceModel;
use Illuminate\Auth\Access\Response;

final class WorkspacePolicy
{
    /** Allow members of the record's workspace; answer anyone else as if the record did not exist. */
    public function view(Coach $coach, WorkspaceModel $record): Response
    {
        return $coach->roleAt($record->workspace_id) === null ? Response::denyAsNotFound() : Response::allow();
    }

    /** Allow members who may change things; a member who only looks is told so. */
    public function update(Coach $coach, WorkspaceModel $record): Response
    {
        return self::changeAt($coach, $record->workspace_id);
    }

    public function delete(Coach $coach, WorkspaceModel $record): Response
    {
        return self::changeAt($coach, $record->workspace_id);
    }

    public function restore(Coach $coach, WorkspaceModel $record): Response
    {
        return self::changeAt($coach, $record->workspace_id);
    }

    /** The same of the workspace the coach works at, for what is no record. */
    public function updateWorkspace(Coach $coach): Response
    {
        return self::changeAt($coach, $coach->workspace_id);
    }

    private static function changeAt(Coach $coach, string $workspaceId): Response
    {
        $role = $coach->roleAt($workspaceId);

        return match (true) {
            $role === null => Response::denyAsNotFound(),
            $role->mayChange() => Response::allow(),
            default => Response::deny('You can view this workspace, but not change it.'),
        };
    }
}

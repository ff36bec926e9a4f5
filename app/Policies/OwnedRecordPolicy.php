<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Coach;
use App\Models\OwnedRecord;
use Illuminate\Auth\Access\Response;

final class OwnedRecordPolicy
{
    /** Allow a coach their own records; answer anyone else as if the record did not exist. */
    public function access(Coach $coach, OwnedRecord $record): Response
    {
        return $record->coach_id === $coach->id ? Response::allow() : Response::denyAsNotFound();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\DrillFindingResource;
use App\Models\DrillFindingRecord;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\DrillFindings;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Collection;

/** What drills found, by session and by student. */
final class DrillFindingController
{
    public function __construct(private readonly DrillFindings $findings) {}

    public function ofSession(PracticeSession $session): JsonResponse
    {
        return $this->listed($this->findings->ofSession($session));
    }

    public function ofStudent(Student $student): JsonResponse
    {
        return $this->listed($this->findings->ofStudent($student));
    }

    /** @param Collection<int, DrillFindingRecord> $rows */
    private function listed(Collection $rows): JsonResponse
    {
        return new JsonResponse(
            $rows
                ->map(
                    fn(DrillFindingRecord $row): DrillFindingResource => new DrillFindingResource(
                        $row,
                        $this->findings,
                    ),
                )
                ->values(),
        );
    }
}

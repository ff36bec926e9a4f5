<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\PracticeSession;
use App\Models\Student;

/** A look back on the session in the address, which must be somebody's. */
class StrokeReportRequest extends OwnRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [];
    }

    public function student(): Student
    {
        $session = $this->route('session');

        return $session instanceof PracticeSession && $session->student !== null ? $session->student : abort(404);
    }
}

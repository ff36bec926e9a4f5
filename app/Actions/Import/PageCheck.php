<?php

declare(strict_types=1);

namespace App\Actions\Import;

use Amble\Core\Exception\InvalidInput;
use App\Models\Coach;
use App\Models\PracticeSession;

/**
 * Builds the answers that screens ask for, from records that are not written yet: what cannot be shown is not imported.
 */
interface PageCheck
{
    public function session(PracticeSession $session): void;

    /**
     * The start page, a year of the calendar, each student and each green.
     *
     * @param list<string> $students ids
     * @param list<string> $greens ids
     *
     * @throws InvalidInput If a booking cannot be shown.
     */
    public function workspace(Coach $coach, array $students, array $greens): void;
}

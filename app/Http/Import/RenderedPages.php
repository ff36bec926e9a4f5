<?php

declare(strict_types=1);

namespace App\Http\Import;

use Amble\Core\Exception\InvalidInput;
use App\Actions\Import\PageCheck;
use App\Http\Controllers\GreenController;
use App\Http\Controllers\PracticeSessionController;
use App\Http\Controllers\TodayController;
use App\Http\Resources\StudentResource;
use App\Models\Coach;
use App\Models\Green;
use App\Models\PracticeSession;
use App\Models\Student;
use App\Reports\CalendarWeek;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/** Builds the answers through the controllers that give them, and throws them away. */
final readonly class RenderedPages implements PageCheck
{
    private const DAYS_SHOWN = 366;

    public function __construct(
        private PracticeSessionController $sessions,
        private TodayController $startPage,
        private GreenController $greens,
    ) {}

    public function session(PracticeSession $session): void
    {
        $this->sessions->show($session)->toResponse(new Request())->getContent();
    }

    public function workspace(Coach $coach, array $students, array $greens): void
    {
        ($this->startPage)($coach)->getContent();
        $today = CarbonImmutable::today();
        [, $unreadable] = CalendarWeek::items($coach, $today->subDays(7), $today->addDays(self::DAYS_SHOWN));
        if ($unreadable !== []) {
            throw InvalidInput::at('tables.bookings', $unreadable[0]['reason']);
        }
        foreach (Green::withTrashed()->whereKey($greens)->get() as $green) {
            $this->greens->stations($green)->getContent();
        }
        foreach (Student::withTrashed()->whereKey($students)->get() as $student) {
            StudentResource::make($student)->toJson();
        }
    }
}

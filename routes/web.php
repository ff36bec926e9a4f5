<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\BallReportController;
use App\Http\Controllers\BallsTableController;
use App\Http\Controllers\BenchmarkController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\ChecklistController;
use App\Http\Controllers\CurrentGoalsController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\DrillFindingController;
use App\Http\Controllers\DrillRunController;
use App\Http\Controllers\DrillSetupController;
use App\Http\Controllers\GreenController;
use App\Http\Controllers\GreenReadingController;
use App\Http\Controllers\GreenSpeedController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HomeworkController;
use App\Http\Controllers\LengthSetController;
use App\Http\Controllers\ObservationTypeController;
use App\Http\Controllers\PasswordResetController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PracticeSessionController;
use App\Http\Controllers\PutterController;
use App\Http\Controllers\ReadingQuizController;
use App\Http\Controllers\RecordChangeController;
use App\Http\Controllers\RecordsController;
use App\Http\Controllers\RoundController;
use App\Http\Controllers\SavedReadController;
use App\Http\Controllers\SessionEventsController;
use App\Http\Controllers\SessionHistoryController;
use App\Http\Controllers\SimulationController;
use App\Http\Controllers\StrokeReportController;
use App\Http\Controllers\StudentController;
use App\Http\Controllers\StudentProfileController;
use App\Http\Controllers\TakeHomeCardController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\TwoStepSignInController;
use App\Http\Middleware\CacheResponse;
use App\Http\Middleware\SetEntityTag;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::get('health', HealthController::class)->middleware('throttle:api');
    Route::get('me', [AccountController::class, 'show']);
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('sign-in', [AccountController::class, 'signIn']);
        Route::post('sign-up', [AccountController::class, 'signUp']);
        Route::post('forgotten', [PasswordResetController::class, 'ask']);
        Route::post('forgotten/new', [PasswordResetController::class, 'renew']);
    });
    Route::get('outbox', [PasswordResetController::class, 'outbox'])->middleware('throttle:api');
    Route::post('demo', [AccountController::class, 'demo'])->middleware('throttle:api');

    Route::middleware(['auth', 'throttle:api'])->group(function (): void {
        Route::post('sign-out', [AccountController::class, 'signOut']);
        Route::put('me', [AccountController::class, 'update']);
        Route::get('me/sign-ins', [AccountController::class, 'signIns']);
        Route::get('me/second-factor', [TwoStepSignInController::class, 'show']);
        Route::get('me/goes', [AccountController::class, 'goes']);
        Route::middleware('throttle:account')->group(function (): void {
            Route::put('me/password', [AccountController::class, 'changePassword']);
            Route::post('me/elsewhere', [AccountController::class, 'hashAnew']);
            Route::delete('me', [AccountController::class, 'close']);
            Route::post('me/second-factor', [TwoStepSignInController::class, 'offer']);
            Route::put('me/second-factor', [TwoStepSignInController::class, 'turnOn']);
            Route::delete('me/second-factor', [TwoStepSignInController::class, 'turnOff']);
            Route::post('me/second-factor/spare', [TwoStepSignInController::class, 'renewSpare']);
        });
        Route::get('bench', TodayController::class);

        Route::post('students', [StudentController::class, 'store']);
        Route::put('students/{student}', [StudentController::class, 'update'])->can('change', 'student');
        Route::delete('students/{student}', [StudentController::class, 'destroy'])->can('change', 'student');
        Route::post('students/{student}/back', [StudentController::class, 'back'])->withTrashed()->can('change', 'student');

        Route::post('greens', [GreenController::class, 'store']);
        Route::put('greens/{green}', [GreenController::class, 'update'])->can('change', 'green');
        Route::get('greens/{green}/stations', [GreenController::class, 'stations'])->can('access', 'green');
        Route::delete('greens/{green}', [GreenController::class, 'destroy'])->can('change', 'green');
        Route::post('greens/{green}/back', [GreenController::class, 'back'])->withTrashed()->can('change', 'green');

        Route::middleware('can:access,student')->prefix('students/{student}')->group(function (): void {
            Route::get('findings', [DrillFindingController::class, 'ofStudent']);
            Route::get('look', [BallReportController::class, 'ofStudent'])->middleware(CacheResponse::class);
            Route::get('look.csv', [BallReportController::class, 'ofStudentAsCsv']);
            Route::get('course', [BallReportController::class, 'course'])->middleware(CacheResponse::class);
            Route::get('course.csv', [BallReportController::class, 'courseAsCsv']);
            Route::get('beside', [BallReportController::class, 'beside']);
            Route::get('beside.csv', [BallReportController::class, 'besideAsCsv']);
            Route::get('play', [RoundController::class, 'show']);
            Route::get('stakes', [RoundController::class, 'stakes'])->middleware(CacheResponse::class);
            Route::get('play.csv', [RoundController::class, 'asCsv']);
            Route::post('rounds', [RoundController::class, 'store'])->can('change', 'student');
            Route::get('in-work', [CurrentGoalsController::class, 'show']);
            Route::get('about', [StudentProfileController::class, 'show']);
            Route::get('checks', [CheckController::class, 'ofStudent']);
            Route::get('checks.csv', [CheckController::class, 'asCsv']);
            Route::get('remember', [CheckController::class, 'remember']);
            Route::get('records', [RecordsController::class, 'ofStudent']);
            Route::get('records.zip', [RecordsController::class, 'ofStudentAsTables']);
            Route::get('goes', [RecordsController::class, 'goes']);
            Route::get('balls.csv', [BallsTableController::class, 'show']);
            Route::post('balls/preview', [BallsTableController::class, 'preview'])->can('change', 'student');
            Route::post('balls', [BallsTableController::class, 'store'])->can('change', 'student');
            Route::get('guesses', [ReadingQuizController::class, 'ten']);
            Route::post('guesses', [ReadingQuizController::class, 'store'])->can('change', 'student');
            Route::get('putters', [PutterController::class, 'index']);
            Route::get('pocket', [TakeHomeCardController::class, 'show']);
            Route::get('home', [HomeworkController::class, 'show']);
            Route::middleware('can:change,student')->group(function (): void {
                Route::delete('for-good', [RecordsController::class, 'erase']);
                Route::put('in-work', [CurrentGoalsController::class, 'update']);
                Route::put('about', [StudentProfileController::class, 'update']);
                Route::post('putters', [PutterController::class, 'store']);
                Route::put('pocket', [TakeHomeCardController::class, 'update']);
                Route::post('home', [HomeworkController::class, 'answer']);
                Route::post('pocket/link', [TakeHomeCardController::class, 'open']);
                Route::delete('pocket/link', [TakeHomeCardController::class, 'withdraw']);
            });
        });
        Route::put('rounds/{round}', [RoundController::class, 'update'])->can('change', 'round');
        Route::delete('rounds/{round}', [RoundController::class, 'destroy'])->can('change', 'round');
        Route::post('benchmarks', [BenchmarkController::class, 'store']);
        Route::put('benchmarks/{benchmark}', [BenchmarkController::class, 'update'])->can('change', 'benchmark');
        Route::delete('benchmarks/{benchmark}', [BenchmarkController::class, 'destroy'])->can('change', 'benchmark');
        Route::get('length-sets', [LengthSetController::class, 'index']);
        Route::post('length-sets', [LengthSetController::class, 'store']);
        Route::put('length-sets/{set}', [LengthSetController::class, 'update'])->can('change', 'set');
        Route::delete('length-sets/{set}', [LengthSetController::class, 'destroy'])->can('change', 'set');

        Route::put('putters/{putter}', [PutterController::class, 'update'])->can('change', 'putter');
        Route::post('putters/{putter}/use', [PutterController::class, 'use'])->can('change', 'putter');
        Route::delete('putters/{putter}', [PutterController::class, 'destroy'])->can('change', 'putter');
        Route::get('changes', RecordChangeController::class);
        Route::get('records', [RecordsController::class, 'ofBench']);
        Route::post('records', [RecordsController::class, 'store']);
        Route::post('records/preview', [RecordsController::class, 'preview']);
        Route::get('reader', GreenReadingController::class);
        Route::get('reader/hints', [GreenReadingController::class, 'hints']);
        Route::get('roll-or-chip', [GreenReadingController::class, 'rollOrChip']);
        Route::get('greens/{green}/reads', [SavedReadController::class, 'index'])->can('access', 'green');
        Route::post('greens/{green}/reads', [SavedReadController::class, 'store'])->can('change', 'green');
        Route::put('reads/{read}', [SavedReadController::class, 'update'])->can('change', 'read');
        Route::delete('reads/{read}', [SavedReadController::class, 'destroy'])->can('change', 'read');
        Route::get('face-and-path', [CheckController::class, 'faceAndPath']);
        Route::get('checks', [CheckController::class, 'book'])->middleware(SetEntityTag::class);
        Route::put('schools', [StudentProfileController::class, 'schools']);
        Route::put('cards/{key}', [ChecklistController::class, 'update'])->where('key', '[0-9A-Za-z_]{1,40}');
        Route::delete('cards/{key}', [ChecklistController::class, 'destroy'])->where('key', '[0-9A-Za-z_]{1,40}');

        Route::get('week', [CalendarController::class, 'show']);
        Route::post('bookings', [CalendarController::class, 'store']);
        Route::put('bookings/{booking}', [CalendarController::class, 'update'])->can('change', 'booking');
        Route::delete('bookings/{booking}', [CalendarController::class, 'destroy'])->can('change', 'booking');
        Route::post('bookings/{booking}/letter', [CalendarController::class, 'write'])->middleware('throttle:account')->can('change', 'booking');
        Route::post('bookings/{booking}/skip', [CalendarController::class, 'skip'])->can('change', 'booking');
        Route::get('calendar.ics', [CalendarController::class, 'file']);
        Route::post('calendar/feed', [CalendarController::class, 'openFeed'])->can('change-bench');
        Route::delete('calendar/feed', [CalendarController::class, 'closeFeed'])->can('change-bench');
        Route::post('calendar/preview', [CalendarController::class, 'preview']);
        Route::post('calendar', [CalendarController::class, 'import']);
        Route::post('walk-along', [SimulationController::class, 'store']);
        Route::get('walk-along/{session}', [SimulationController::class, 'next'])->can('access', 'session');
        Route::delete('walk-along/{session}', [SimulationController::class, 'destroy'])->can('change', 'session');
        Route::get('devices', [DeviceController::class, 'index'])->middleware(SetEntityTag::class);
        Route::get('devices/{device}/readings', [DeviceController::class, 'read']);
        Route::get('seen', ObservationTypeController::class)->middleware(SetEntityTag::class);

        Route::get('drills', [DrillController::class, 'index']);
        Route::get('drills/kinds', [DrillController::class, 'kinds'])->middleware(SetEntityTag::class);
        Route::post('drills/lengths', [DrillController::class, 'lengths']);
        Route::post('drills/import/preview', [DrillController::class, 'preview']);
        Route::get('drills/fitting', [DrillController::class, 'fitting']);
        Route::post('drills', [DrillController::class, 'store']);
        Route::post('drills/check', [DrillController::class, 'check']);
        Route::post('drills/set-out', DrillSetupController::class);
        Route::get('drills/export', [DrillController::class, 'export']);
        Route::post('drills/import', [DrillController::class, 'import']);
        Route::put('drills/{drill}', [DrillController::class, 'update'])->can('change', 'drill');
        Route::delete('drills/{drill}', [DrillController::class, 'destroy'])->can('change', 'drill');

        Route::get('put-away', [SessionHistoryController::class, 'putAway']);
        Route::get('sessions', [SessionHistoryController::class, 'index']);
        Route::post('sessions', [PracticeSessionController::class, 'store']);
        Route::post('sessions/{session}/back', [PracticeSessionController::class, 'back'])->withTrashed()->can('change', 'session');
        Route::get('units-slip', [GreenController::class, 'slip']);
        Route::post('green-speed/doubts', [GreenSpeedController::class, 'doubts']);
        Route::middleware('can:access,session')->prefix('sessions/{session}')->group(function (): void {
            Route::middleware(SetEntityTag::class)->group(function (): void {
                Route::get('/', [PracticeSessionController::class, 'show']);
                Route::get('runs/{run}', [DrillRunController::class, 'show'])->can('access', 'run')->scopeBindings();
            });
            Route::get('findings', [DrillFindingController::class, 'ofSession']);
            Route::get('plan', [PlanController::class, 'show']);
            Route::get('rota', [PlanController::class, 'rota']);
            Route::get('debrief', [PlanController::class, 'debrief']);
            Route::post('plan', [PlanController::class, 'propose'])->can('change', 'session');
            Route::get('balls/{ball}', [SessionEventsController::class, 'history'])->where('ball', '[0-9A-Za-z]{26}');
            Route::get('look', [BallReportController::class, 'ofSession'])->middleware(CacheResponse::class);
            Route::get('look.csv', [BallReportController::class, 'ofSessionAsCsv']);
            Route::get('slopes', [BallReportController::class, 'slopes']);
            Route::get('stroke', [StrokeReportController::class, 'show']);
            Route::get('stroke/what-if', [StrokeReportController::class, 'whatIf']);
            Route::middleware('can:change,session')->group(function (): void {
                Route::patch('/', [PracticeSessionController::class, 'update']);
                Route::delete('/', [PracticeSessionController::class, 'destroy']);
                Route::put('reading', [GreenSpeedController::class, 'store']);
                Route::post('events', [SessionEventsController::class, 'store']);
                Route::post('runs', [DrillRunController::class, 'store']);
                Route::post('runs/{run}/events', [DrillRunController::class, 'log'])->can('change', 'run')->scopeBindings();
            });
        });
    });

    Route::any('{any}', static fn() => abort(404))->where('any', '.*');
});

// Without a session: the service worker fetches the frame when it likes, and an answer begun before a coach signed in
// would bring the cookie of before back after, and sign them out again.
Route::view('{any}', 'app')->where('any', '.*')->name('app')->withoutMiddleware('web');

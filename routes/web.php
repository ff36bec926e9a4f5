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
use App\Http\Controllers\HoleMapController;
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
use Illuminate\Http\Middleware\SetCacheHeaders;
use Illuminate\Support\Facades\Route;

// Kept by the browser alone, and asked about each time: what has not changed is not sent again.
$asksEachTime = SetCacheHeaders::using(['private', 'no_cache', 'etag']);

Route::prefix('api')->group(function () use ($asksEachTime): void {
    Route::get('health', HealthController::class)->middleware('throttle:api');
    Route::get('me', [AccountController::class, 'show']);
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('sign-in', [AccountController::class, 'signIn']);
        Route::post('sign-up', [AccountController::class, 'signUp']);
        Route::post('password-reset', [PasswordResetController::class, 'ask']);
        Route::post('password-reset/new', [PasswordResetController::class, 'renew']);
    });
    Route::get('mail', [PasswordResetController::class, 'outbox'])->middleware('throttle:api');
    Route::post('demo', [AccountController::class, 'demo'])->middleware('throttle:api');

    Route::middleware(['auth', 'throttle:api'])->group(function () use ($asksEachTime): void {
        Route::post('sign-out', [AccountController::class, 'signOut']);
        Route::put('me', [AccountController::class, 'update']);
        Route::get('me/devices', [AccountController::class, 'signIns']);
        Route::get('me/two-step', [TwoStepSignInController::class, 'show']);
        Route::get('me/deletion-preview', [AccountController::class, 'deletionPreview']);
        Route::middleware('throttle:account')->group(function (): void {
            Route::put('me/password', [AccountController::class, 'changePassword']);
            Route::post('me/elsewhere', [AccountController::class, 'hashAnew']);
            Route::delete('me', [AccountController::class, 'close']);
            Route::post('me/two-step', [TwoStepSignInController::class, 'offer']);
            Route::put('me/two-step', [TwoStepSignInController::class, 'turnOn']);
            Route::delete('me/two-step', [TwoStepSignInController::class, 'turnOff']);
            Route::post('me/two-step/recovery-codes', [TwoStepSignInController::class, 'renewSpare']);
        });
        Route::get('today', TodayController::class);

        Route::post('students', [StudentController::class, 'store']);
        Route::put('students/{student}', [StudentController::class, 'update'])->can('update', 'student');
        Route::delete('students/{student}', [StudentController::class, 'destroy'])->can('delete', 'student');
        Route::post('students/{student}/restore', [StudentController::class, 'back'])
            ->withTrashed()
            ->can('restore', 'student');

        Route::post('greens', [GreenController::class, 'store']);
        Route::put('greens/{green}', [GreenController::class, 'update'])->can('update', 'green');
        Route::get('greens/{green}/stations', [GreenController::class, 'stations'])->can('view', 'green');
        Route::delete('greens/{green}', [GreenController::class, 'destroy'])->can('delete', 'green');
        Route::post('greens/{green}/restore', [GreenController::class, 'back'])
            ->withTrashed()
            ->can('restore', 'green');

        Route::middleware('can:view,student')
            ->prefix('students/{student}')
            ->group(function (): void {
                Route::get('findings', [DrillFindingController::class, 'ofStudent']);
                Route::get('review', [BallReportController::class, 'ofStudent'])->middleware(CacheResponse::class);
                Route::get('review.csv', [BallReportController::class, 'ofStudentAsCsv']);
                Route::get('trend', [BallReportController::class, 'course'])->middleware(CacheResponse::class);
                Route::get('trend.csv', [BallReportController::class, 'courseAsCsv']);
                Route::get('comparison', [BallReportController::class, 'beside']);
                Route::get('comparison.csv', [BallReportController::class, 'besideAsCsv']);
                Route::get('rounds', [RoundController::class, 'show']);
                Route::get('stakes', [RoundController::class, 'stakes'])->middleware(CacheResponse::class);
                Route::get('rounds.csv', [RoundController::class, 'asCsv']);
                Route::post('rounds', [RoundController::class, 'store'])->can('update', 'student');
                Route::get('current-goals', [CurrentGoalsController::class, 'show']);
                Route::get('profile', [StudentProfileController::class, 'show']);
                Route::get('checks', [CheckController::class, 'ofStudent']);
                Route::get('checks.csv', [CheckController::class, 'asCsv']);
                Route::get('reminders', [CheckController::class, 'remember']);
                Route::get('records', [RecordsController::class, 'ofStudent']);
                Route::get('records.zip', [RecordsController::class, 'ofStudentAsTables']);
                Route::get('deletion-preview', [RecordsController::class, 'deletionPreview']);
                Route::get('balls.csv', [BallsTableController::class, 'show']);
                Route::post('balls/preview', [BallsTableController::class, 'preview'])->can('update', 'student');
                Route::post('balls', [BallsTableController::class, 'store'])->can('update', 'student');
                Route::get('quiz', [ReadingQuizController::class, 'ten']);
                Route::post('quiz', [ReadingQuizController::class, 'store'])->can('update', 'student');
                Route::get('putters', [PutterController::class, 'index']);
                Route::get('take-home-card', [TakeHomeCardController::class, 'show']);
                Route::get('homework', [HomeworkController::class, 'show']);
                Route::middleware('can:update,student')->group(function (): void {
                    Route::delete('permanently', [RecordsController::class, 'erase']);
                    Route::put('current-goals', [CurrentGoalsController::class, 'update']);
                    Route::put('profile', [StudentProfileController::class, 'update']);
                    Route::post('putters', [PutterController::class, 'store']);
                    Route::put('take-home-card', [TakeHomeCardController::class, 'update']);
                    Route::post('homework', [HomeworkController::class, 'answer']);
                    Route::post('take-home-card/link', [TakeHomeCardController::class, 'open']);
                    Route::delete('take-home-card/link', [TakeHomeCardController::class, 'withdraw']);
                });
            });
        Route::put('rounds/{round}', [RoundController::class, 'update'])->can('update', 'round');
        Route::delete('rounds/{round}', [RoundController::class, 'destroy'])->can('delete', 'round');
        Route::post('benchmarks', [BenchmarkController::class, 'store']);
        Route::put('benchmarks/{benchmark}', [BenchmarkController::class, 'update'])->can('update', 'benchmark');
        Route::delete('benchmarks/{benchmark}', [BenchmarkController::class, 'destroy'])->can('delete', 'benchmark');
        Route::get('length-sets', [LengthSetController::class, 'index']);
        Route::post('length-sets', [LengthSetController::class, 'store']);
        Route::put('length-sets/{set}', [LengthSetController::class, 'update'])->can('update', 'set');
        Route::delete('length-sets/{set}', [LengthSetController::class, 'destroy'])->can('delete', 'set');

        Route::put('putters/{putter}', [PutterController::class, 'update'])->can('update', 'putter');
        Route::post('putters/{putter}/use', [PutterController::class, 'use'])->can('update', 'putter');
        Route::delete('putters/{putter}', [PutterController::class, 'destroy'])->can('delete', 'putter');
        Route::get('changes', RecordChangeController::class);
        Route::get('records', [RecordsController::class, 'ofWorkspace']);
        Route::post('records', [RecordsController::class, 'store']);
        Route::post('records/preview', [RecordsController::class, 'preview']);
        Route::get('putt-read', GreenReadingController::class);
        Route::get('putt-read/hints', [GreenReadingController::class, 'hints']);
        Route::get('roll-or-chip', [GreenReadingController::class, 'rollOrChip']);
        Route::get('greens/{green}/reads', [SavedReadController::class, 'index'])->can('view', 'green');
        Route::post('greens/{green}/reads', [SavedReadController::class, 'store'])->can('update', 'green');
        Route::put('reads/{read}', [SavedReadController::class, 'update'])->can('update', 'read');
        Route::delete('reads/{read}', [SavedReadController::class, 'destroy'])->can('delete', 'read');
        Route::get('greens/{green}/hole-maps', [HoleMapController::class, 'index'])->can('view', 'green');
        Route::post('greens/{green}/hole-maps', [HoleMapController::class, 'store'])->can('update', 'green');
        Route::middleware('can:view,map')->group(function (): void {
            Route::get('hole-maps/{map}', [HoleMapController::class, 'show']);
            Route::get('hole-maps/{map}/slopes.csv', [HoleMapController::class, 'slopes']);
            Route::get('hole-maps/{map}/read', [HoleMapController::class, 'read']);
            Route::get('hole-maps/{map}/putts', [HoleMapController::class, 'putts']);
            Route::post('hole-maps/{map}/stations', [HoleMapController::class, 'stations']);
        });
        Route::put('hole-maps/{map}', [HoleMapController::class, 'update'])->can('update', 'map');
        Route::delete('hole-maps/{map}', [HoleMapController::class, 'destroy'])->can('delete', 'map');
        Route::get('face-and-path', [CheckController::class, 'faceAndPath']);
        Route::get('checks', [CheckController::class, 'book'])->middleware($asksEachTime);
        Route::put('teaching-preferences', [StudentProfileController::class, 'schools']);
        Route::put('checklists/{key}', [ChecklistController::class, 'update'])->where('key', '[0-9A-Za-z_]{1,40}');
        Route::delete('checklists/{key}', [ChecklistController::class, 'destroy'])->where('key', '[0-9A-Za-z_]{1,40}');

        Route::get('calendar', [CalendarController::class, 'show']);
        Route::post('bookings', [CalendarController::class, 'store']);
        Route::put('bookings/{booking}', [CalendarController::class, 'update'])->can('update', 'booking');
        Route::delete('bookings/{booking}', [CalendarController::class, 'destroy'])->can('delete', 'booking');
        Route::post('bookings/{booking}/message', [CalendarController::class, 'write'])
            ->middleware('throttle:account')
            ->can('update', 'booking');
        Route::post('bookings/{booking}/skip', [CalendarController::class, 'skip'])->can('update', 'booking');
        Route::get('calendar.ics', [CalendarController::class, 'file']);
        Route::post('calendar/feed', [CalendarController::class, 'openFeed'])->can('update-workspace');
        Route::delete('calendar/feed', [CalendarController::class, 'closeFeed'])->can('update-workspace');
        Route::post('calendar/preview', [CalendarController::class, 'preview']);
        Route::post('calendar', [CalendarController::class, 'import']);
        Route::post('simulation', [SimulationController::class, 'store']);
        Route::get('simulation/{session}', [SimulationController::class, 'next'])->can('view', 'session');
        Route::delete('simulation/{session}', [SimulationController::class, 'destroy'])->can('delete', 'session');
        Route::get('devices', [DeviceController::class, 'index'])->middleware($asksEachTime);
        Route::get('devices/{device}/readings', [DeviceController::class, 'read']);
        Route::get('observation-types', ObservationTypeController::class)->middleware($asksEachTime);

        Route::get('drills', [DrillController::class, 'index']);
        Route::get('drills/kinds', [DrillController::class, 'kinds'])->middleware($asksEachTime);
        Route::post('drills/lengths', [DrillController::class, 'lengths']);
        Route::post('drills/import/preview', [DrillController::class, 'preview']);
        Route::get('drills/fitting', [DrillController::class, 'fitting']);
        Route::post('drills', [DrillController::class, 'store']);
        Route::post('drills/check', [DrillController::class, 'check']);
        Route::post('drills/setup', DrillSetupController::class);
        Route::get('drills/export', [DrillController::class, 'export']);
        Route::post('drills/import', [DrillController::class, 'import']);
        Route::put('drills/{drill}', [DrillController::class, 'update'])->can('update', 'drill');
        Route::delete('drills/{drill}', [DrillController::class, 'destroy'])->can('delete', 'drill');

        Route::get('deleted', [SessionHistoryController::class, 'putAway']);
        Route::get('sessions', [SessionHistoryController::class, 'index']);
        Route::post('sessions', [PracticeSessionController::class, 'store']);
        Route::post('sessions/{session}/restore', [PracticeSessionController::class, 'back'])
            ->withTrashed()
            ->can('restore', 'session');
        Route::get('units-slip', [GreenController::class, 'slip']);
        Route::post('green-speed/doubts', [GreenSpeedController::class, 'doubts']);
        Route::middleware('can:view,session')
            ->prefix('sessions/{session}')
            ->group(function () use ($asksEachTime): void {
                Route::middleware($asksEachTime)->group(function (): void {
                    Route::get('/', [PracticeSessionController::class, 'show']);
                    Route::get('runs/{run}', [DrillRunController::class, 'show'])
                        ->can('view', 'run')
                        ->scopeBindings();
                });
                Route::get('findings', [DrillFindingController::class, 'ofSession']);
                Route::get('plan', [PlanController::class, 'show']);
                Route::get('rota', [PlanController::class, 'rota']);
                Route::get('debrief', [PlanController::class, 'debrief']);
                Route::post('plan', [PlanController::class, 'propose'])->can('update', 'session');
                Route::get('balls/{ball}', [SessionEventsController::class, 'history'])->where(
                    'ball',
                    '[0-9A-Za-z]{26}',
                );
                Route::get('review', [BallReportController::class, 'ofSession'])->middleware(CacheResponse::class);
                Route::get('review.csv', [BallReportController::class, 'ofSessionAsCsv']);
                Route::get('slopes', [BallReportController::class, 'slopes']);
                Route::get('stroke', [StrokeReportController::class, 'show']);
                Route::get('stroke/what-if', [StrokeReportController::class, 'whatIf']);
                Route::middleware('can:update,session')->group(function (): void {
                    Route::patch('/', [PracticeSessionController::class, 'update']);
                    Route::delete('/', [PracticeSessionController::class, 'destroy']);
                    Route::put('green-speed', [GreenSpeedController::class, 'store']);
                    // As devices call it that kept a measurement before the path was renamed.
                    Route::put('reading', [GreenSpeedController::class, 'store']);
                    Route::post('events', [SessionEventsController::class, 'store']);
                    Route::post('runs', [DrillRunController::class, 'store']);
                    Route::post('runs/{run}/events', [DrillRunController::class, 'log'])
                        ->can('update', 'run')
                        ->scopeBindings();
                });
            });
    });

    Route::any('{any}', static fn() => abort(404))->where('any', '.*');
});

// Without a session: the service worker fetches the frame when it likes, and an answer begun before a coach signed in
// would bring the cookie of before back after, and sign them out again.
Route::view('{any}', 'app')->where('any', '.*')->name('app')->withoutMiddleware('web');

<?php

declare(strict_types=1);

use App\Http\Controllers\AboutController;
use App\Http\Controllers\AccountController;
use App\Http\Controllers\BallsTableController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BenchmarkController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\ChangesController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\DrillRunController;
use App\Http\Controllers\FindingsController;
use App\Http\Controllers\ForgottenPasswordController;
use App\Http\Controllers\GreenController;
use App\Http\Controllers\GuessController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HomeController;
use App\Http\Controllers\InWorkController;
use App\Http\Controllers\KeptReadController;
use App\Http\Controllers\LedgerController;
use App\Http\Controllers\LengthSetController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlayController;
use App\Http\Controllers\PocketController;
use App\Http\Controllers\PracticeSessionController;
use App\Http\Controllers\PutterController;
use App\Http\Controllers\ReaderController;
use App\Http\Controllers\RecordsController;
use App\Http\Controllers\SecondFactorController;
use App\Http\Controllers\SeenController;
use App\Http\Controllers\SessionEventsController;
use App\Http\Controllers\SessionReadingController;
use App\Http\Controllers\SetOutController;
use App\Http\Controllers\StrokeReportController;
use App\Http\Controllers\StudentController;
use App\Http\Controllers\WalkAlongController;
use App\Http\Controllers\WeekController;
use App\Http\Middleware\AnswerUnchanged;
use App\Http\Middleware\KeepAnswer;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::get('health', HealthController::class)->middleware('throttle:api');
    Route::get('me', [AccountController::class, 'show']);
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('sign-in', [AccountController::class, 'signIn']);
        Route::post('sign-up', [AccountController::class, 'signUp']);
        Route::post('forgotten', [ForgottenPasswordController::class, 'ask']);
        Route::post('forgotten/new', [ForgottenPasswordController::class, 'renew']);
    });
    Route::get('outbox', [ForgottenPasswordController::class, 'outbox'])->middleware('throttle:api');
    Route::post('demo', [AccountController::class, 'demo'])->middleware('throttle:api');

    Route::middleware(['auth', 'throttle:api'])->group(function (): void {
        Route::post('sign-out', [AccountController::class, 'signOut']);
        Route::put('me', [AccountController::class, 'update']);
        Route::get('me/sign-ins', [AccountController::class, 'signIns']);
        Route::get('me/second-factor', [SecondFactorController::class, 'show']);
        Route::get('me/goes', [AccountController::class, 'goes']);
        Route::middleware('throttle:account')->group(function (): void {
            Route::put('me/password', [AccountController::class, 'changePassword']);
            Route::post('me/elsewhere', [AccountController::class, 'hashAnew']);
            Route::delete('me', [AccountController::class, 'close']);
            Route::post('me/second-factor', [SecondFactorController::class, 'offer']);
            Route::put('me/second-factor', [SecondFactorController::class, 'turnOn']);
            Route::delete('me/second-factor', [SecondFactorController::class, 'turnOff']);
            Route::post('me/second-factor/spare', [SecondFactorController::class, 'renewSpare']);
        });
        Route::get('bench', BenchController::class);

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
            Route::get('findings', [FindingsController::class, 'ofStudent']);
            Route::get('look', [LookController::class, 'ofStudent'])->middleware(KeepAnswer::class);
            Route::get('look.csv', [LookController::class, 'ofStudentAsCsv']);
            Route::get('course', [LookController::class, 'course'])->middleware(KeepAnswer::class);
            Route::get('course.csv', [LookController::class, 'courseAsCsv']);
            Route::get('beside', [LookController::class, 'beside']);
            Route::get('beside.csv', [LookController::class, 'besideAsCsv']);
            Route::get('play', [PlayController::class, 'show']);
            Route::get('stakes', [PlayController::class, 'stakes'])->middleware(KeepAnswer::class);
            Route::get('play.csv', [PlayController::class, 'asCsv']);
            Route::post('rounds', [PlayController::class, 'store'])->can('change', 'student');
            Route::get('in-work', [InWorkController::class, 'show']);
            Route::get('about', [AboutController::class, 'show']);
            Route::get('checks', [CheckController::class, 'ofStudent']);
            Route::get('checks.csv', [CheckController::class, 'asCsv']);
            Route::get('remember', [CheckController::class, 'remember']);
            Route::get('records', [RecordsController::class, 'ofStudent']);
            Route::get('records.zip', [RecordsController::class, 'ofStudentAsTables']);
            Route::get('goes', [RecordsController::class, 'goes']);
            Route::get('balls.csv', [BallsTableController::class, 'show']);
            Route::post('balls/preview', [BallsTableController::class, 'preview'])->can('change', 'student');
            Route::post('balls', [BallsTableController::class, 'store'])->can('change', 'student');
            Route::get('guesses', [GuessController::class, 'ten']);
            Route::post('guesses', [GuessController::class, 'store'])->can('change', 'student');
            Route::get('putters', [PutterController::class, 'index']);
            Route::get('pocket', [PocketController::class, 'show']);
            Route::get('home', [HomeController::class, 'show']);
            Route::middleware('can:change,student')->group(function (): void {
                Route::delete('for-good', [RecordsController::class, 'erase']);
                Route::put('in-work', [InWorkController::class, 'update']);
                Route::put('about', [AboutController::class, 'update']);
                Route::post('putters', [PutterController::class, 'store']);
                Route::put('pocket', [PocketController::class, 'update']);
                Route::post('home', [HomeController::class, 'answer']);
                Route::post('pocket/link', [PocketController::class, 'open']);
                Route::delete('pocket/link', [PocketController::class, 'withdraw']);
            });
        });
        Route::put('rounds/{round}', [PlayController::class, 'update'])->can('change', 'round');
        Route::delete('rounds/{round}', [PlayController::class, 'destroy'])->can('change', 'round');
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
        Route::get('changes', ChangesController::class);
        Route::get('records', [RecordsController::class, 'ofBench']);
        Route::post('records', [RecordsController::class, 'store']);
        Route::post('records/preview', [RecordsController::class, 'preview']);
        Route::get('reader', ReaderController::class);
        Route::get('reader/hints', [ReaderController::class, 'hints']);
        Route::get('roll-or-chip', [ReaderController::class, 'rollOrChip']);
        Route::get('greens/{green}/reads', [KeptReadController::class, 'index'])->can('access', 'green');
        Route::post('greens/{green}/reads', [KeptReadController::class, 'store'])->can('change', 'green');
        Route::put('reads/{read}', [KeptReadController::class, 'update'])->can('change', 'read');
        Route::delete('reads/{read}', [KeptReadController::class, 'destroy'])->can('change', 'read');
        Route::get('face-and-path', [CheckController::class, 'faceAndPath']);
        Route::get('checks', [CheckController::class, 'book'])->middleware(AnswerUnchanged::class);
        Route::put('schools', [AboutController::class, 'schools']);
        Route::put('cards/{key}', [CardController::class, 'update'])->where('key', '[0-9A-Za-z_]{1,40}');
        Route::delete('cards/{key}', [CardController::class, 'destroy'])->where('key', '[0-9A-Za-z_]{1,40}');

        Route::get('week', [WeekController::class, 'show']);
        Route::post('bookings', [WeekController::class, 'store']);
        Route::put('bookings/{booking}', [WeekController::class, 'update'])->can('change', 'booking');
        Route::delete('bookings/{booking}', [WeekController::class, 'destroy'])->can('change', 'booking');
        Route::post('bookings/{booking}/letter', [WeekController::class, 'write'])->middleware('throttle:account')->can('change', 'booking');
        Route::post('bookings/{booking}/skip', [WeekController::class, 'skip'])->can('change', 'booking');
        Route::get('calendar.ics', [WeekController::class, 'file']);
        Route::post('calendar/feed', [WeekController::class, 'openFeed'])->can('change-bench');
        Route::delete('calendar/feed', [WeekController::class, 'closeFeed'])->can('change-bench');
        Route::post('calendar/preview', [WeekController::class, 'preview']);
        Route::post('calendar', [WeekController::class, 'import']);
        Route::post('walk-along', [WalkAlongController::class, 'store']);
        Route::get('walk-along/{session}', [WalkAlongController::class, 'next'])->can('access', 'session');
        Route::delete('walk-along/{session}', [WalkAlongController::class, 'destroy'])->can('change', 'session');
        Route::get('devices', [DeviceController::class, 'index'])->middleware(AnswerUnchanged::class);
        Route::get('devices/{device}/readings', [DeviceController::class, 'read']);
        Route::get('seen', SeenController::class)->middleware(AnswerUnchanged::class);

        Route::get('drills', [DrillController::class, 'index']);
        Route::get('drills/kinds', [DrillController::class, 'kinds'])->middleware(AnswerUnchanged::class);
        Route::post('drills/lengths', [DrillController::class, 'lengths']);
        Route::post('drills/import/preview', [DrillController::class, 'preview']);
        Route::get('drills/fitting', [DrillController::class, 'fitting']);
        Route::post('drills', [DrillController::class, 'store']);
        Route::post('drills/check', [DrillController::class, 'check']);
        Route::post('drills/set-out', SetOutController::class);
        Route::get('drills/export', [DrillController::class, 'export']);
        Route::post('drills/import', [DrillController::class, 'import']);
        Route::put('drills/{drill}', [DrillController::class, 'update'])->can('change', 'drill');
        Route::delete('drills/{drill}', [DrillController::class, 'destroy'])->can('change', 'drill');

        Route::get('put-away', [LedgerController::class, 'putAway']);
        Route::get('sessions', [LedgerController::class, 'index']);
        Route::post('sessions', [PracticeSessionController::class, 'store']);
        Route::post('sessions/{session}/back', [PracticeSessionController::class, 'back'])->withTrashed()->can('change', 'session');
        Route::get('units-slip', [GreenController::class, 'slip']);
        Route::post('green-speed/doubts', [SessionReadingController::class, 'doubts']);
        Route::middleware('can:access,session')->prefix('sessions/{session}')->group(function (): void {
            Route::middleware(AnswerUnchanged::class)->group(function (): void {
                Route::get('/', [PracticeSessionController::class, 'show']);
                Route::get('runs/{run}', [DrillRunController::class, 'show'])->can('access', 'run')->scopeBindings();
            });
            Route::get('findings', [FindingsController::class, 'ofSession']);
            Route::get('plan', [PlanController::class, 'show']);
            Route::get('rota', [PlanController::class, 'rota']);
            Route::get('debrief', [PlanController::class, 'debrief']);
            Route::post('plan', [PlanController::class, 'propose'])->can('change', 'session');
            Route::get('balls/{ball}', [SessionEventsController::class, 'history'])->where('ball', '[0-9A-Za-z]{26}');
            Route::get('look', [LookController::class, 'ofSession'])->middleware(KeepAnswer::class);
            Route::get('look.csv', [LookController::class, 'ofSessionAsCsv']);
            Route::get('slopes', [LookController::class, 'slopes']);
            Route::get('stroke', [StrokeReportController::class, 'show']);
            Route::get('stroke/what-if', [StrokeReportController::class, 'whatIf']);
            Route::middleware('can:change,session')->group(function (): void {
                Route::patch('/', [PracticeSessionController::class, 'update']);
                Route::delete('/', [PracticeSessionController::class, 'destroy']);
                Route::put('reading', [SessionReadingController::class, 'store']);
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

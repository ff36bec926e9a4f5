<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\DrillController;
use App\Http\Controllers\DrillRunController;
use App\Http\Controllers\GreenController;
use App\Http\Controllers\PracticeSessionController;
use App\Http\Controllers\SessionEventsController;
use App\Http\Controllers\SessionReadingController;
use App\Http\Controllers\SetOutController;
use App\Http\Controllers\StrokeReportController;
use App\Http\Controllers\StudentController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::get('me', [AccountController::class, 'show']);
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('sign-in', [AccountController::class, 'signIn']);
        Route::post('sign-up', [AccountController::class, 'signUp']);
    });
    Route::post('demo', [AccountController::class, 'demo'])->middleware('throttle:api');

    Route::middleware(['auth', 'throttle:api'])->group(function (): void {
        Route::post('sign-out', [AccountController::class, 'signOut']);
        Route::put('me', [AccountController::class, 'update']);
        Route::get('bench', BenchController::class);

        Route::post('students', [StudentController::class, 'store']);
        Route::put('students/{student}', [StudentController::class, 'update'])->can('access', 'student');
        Route::delete('students/{student}', [StudentController::class, 'destroy'])->can('access', 'student');

        Route::post('greens', [GreenController::class, 'store']);
        Route::put('greens/{green}', [GreenController::class, 'update'])->can('access', 'green');
        Route::delete('greens/{green}', [GreenController::class, 'destroy'])->can('access', 'green');

        Route::get('drills', [DrillController::class, 'index']);
        Route::post('drills', [DrillController::class, 'store']);
        Route::post('drills/check', [DrillController::class, 'check']);
        Route::post('drills/set-out', SetOutController::class);
        Route::get('drills/export', [DrillController::class, 'export']);
        Route::post('drills/import', [DrillController::class, 'import']);
        Route::put('drills/{drill}', [DrillController::class, 'update'])->can('access', 'drill');
        Route::delete('drills/{drill}', [DrillController::class, 'destroy'])->can('access', 'drill');

        Route::post('sessions', [PracticeSessionController::class, 'store']);
        Route::middleware('can:access,session')->prefix('sessions/{session}')->group(function (): void {
            Route::get('/', [PracticeSessionController::class, 'show']);
            Route::patch('/', [PracticeSessionController::class, 'update']);
            Route::put('reading', SessionReadingController::class);
            Route::post('events', [SessionEventsController::class, 'store']);
            Route::get('balls/{ball}', [SessionEventsController::class, 'history'])->where('ball', '[0-9A-Za-z]{26}');
            Route::get('stroke', StrokeReportController::class);
            Route::post('runs', [DrillRunController::class, 'store']);
            Route::middleware('can:access,run')->scopeBindings()->prefix('runs/{run}')->group(function (): void {
                Route::get('/', [DrillRunController::class, 'show']);
                Route::post('events', [DrillRunController::class, 'log']);
            });
        });
    });

    Route::any('{any}', static fn() => abort(404))->where('any', '.*');
});

Route::view('{any}', 'app')->where('any', '.*')->name('app');

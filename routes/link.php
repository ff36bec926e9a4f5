<?php

declare(strict_types=1);

use App\Http\Controllers\CalendarController;
use App\Http\Controllers\HomeDrillController;
use App\Http\Controllers\HomeworkController;
use App\Http\Controllers\ObservationTypeController;
use App\Http\Controllers\TakeHomeCardController;
use App\Http\Middleware\AuthenticateLink;
use Illuminate\Support\Facades\Route;

// What a private address opens. The address is the credential: no session is begun or read, no cookie is sent, and no
// coach is the user of such a request, even where one is signed in on the same device.

Route::prefix('pocket/{link}')
    ->where(['link' => '[0-9A-Za-z]{40}'])
    ->group(function (): void {
        Route::middleware(['throttle:pocket', AuthenticateLink::class])->group(function (): void {
            Route::get('/', [TakeHomeCardController::class, 'behind']);
            Route::post('entries', [HomeworkController::class, 'note']);
        });
        Route::middleware(['throttle:home', AuthenticateLink::class])->group(function (): void {
            Route::post('sessions', [HomeDrillController::class, 'begin']);
            Route::get('sessions/{session}', [HomeDrillController::class, 'session']);
            Route::get('sessions/{session}/runs/{run}', [HomeDrillController::class, 'run']);
            Route::post('sessions/{session}/events', [HomeDrillController::class, 'log']);
            Route::get('sessions/{session}/balls/{ball}', [HomeDrillController::class, 'history']);
            Route::get('observation-types', ObservationTypeController::class);
        });
    });
Route::get('calendar/{token}.ics', [CalendarController::class, 'feed'])
    ->where('token', '[0-9A-Za-z]{40}')
    ->middleware('throttle:pocket');

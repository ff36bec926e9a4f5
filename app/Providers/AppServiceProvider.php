<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\ImmediateSqlite;
use App\Models\Benchmark;
use App\Models\Coach;
use App\Models\Green;
use App\Models\GreenReading;
use App\Models\LengthSet;
use App\Models\OwnCard;
use App\Models\PocketCard;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\Putter;
use App\Models\Round;
use App\Models\SavedDrill;
use App\Models\Student;
use App\Policies\OwnedRecordPolicy;
use App\Practice\Projector;
use App\Practice\Rebuild;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    /** Sign-in attempts a minute for one address and one e-mail. */
    private const SIGN_INS = 6;

    /** Looks a minute at pocket cards from one address: a family's, not a guesser's. */
    private const POCKET_LOOKS = 30;

    /** Requests a minute for one coach: several devices logging and looking at once. */
    private const REQUESTS = 900;

    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSqlite::class);
    }

    public function boot(): void
    {
        // The database driver writes a float as text of this precision; −1 is enough to read it back unchanged.
        ini_set('precision', '-1');
        $this->guardRecords();
        $this->limitRates();
        Event::listen(MigrationsEnded::class, fn() => Rebuild::ifDue($this->app->make(Projector::class)));
        JsonResource::withoutWrapping();
        Model::preventLazyLoading(!$this->app->environment('production'));
        Model::preventSilentlyDiscardingAttributes();
    }

    private function guardRecords(): void
    {
        foreach ([
            Student::class, Green::class, GreenReading::class, PracticeSession::class, PracticeRun::class, SavedDrill::class, LengthSet::class, Round::class, Benchmark::class, PocketCard::class,
            Putter::class, OwnCard::class,
        ] as $record) {
            Gate::policy($record, OwnedRecordPolicy::class);
        }
    }

    private function limitRates(): void
    {
        RateLimiter::for('sign-in', static fn(Request $request): Limit => Limit::perMinute(self::SIGN_INS)
            ->by($request->ip() . '|' . mb_strtolower($request->string('email')->toString())));
        RateLimiter::for('pocket', static fn(Request $request): Limit => Limit::perMinute(self::POCKET_LOOKS)->by((string) $request->ip()));
        RateLimiter::for('api', static function (Request $request): Limit {
            $coach = $request->user();

            return Limit::perMinute(self::REQUESTS)->by($coach instanceof Coach ? $coach->id : (string) $request->ip());
        });
    }
}

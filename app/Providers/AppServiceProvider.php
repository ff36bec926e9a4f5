<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Import\PageCheck;
use App\Actions\Import\RowCheck;
use App\Actions\ProjectSession;
use App\Actions\RebuildAfterMigration;
use App\Database\ImmediateSqlite;
use App\Http\Import\RenderedPages;
use App\Http\Import\RowRules;
use App\Mail\LocalMailFolder;
use App\Models\Benchmark;
use App\Models\Booking;
use App\Models\Coach;
use App\Models\Green;
use App\Models\GreenSpeedMeasurement;
use App\Models\HoleMapRecord;
use App\Models\HomeworkRecord;
use App\Models\LengthSet;
use App\Models\OwnChecklist;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\Putter;
use App\Models\QuizAnswerRecord;
use App\Models\Round;
use App\Models\SavedDrill;
use App\Models\SavedRead;
use App\Models\Student;
use App\Models\TakeHomeCard;
use App\Policies\WorkspacePolicy;
use App\Session\FileSessions;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Events\MigrationsEnded;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    /** Sign-in attempts a minute for one address and one e-mail. */
    private const SIGN_INS = 6;

    /**
     * Attempts a minute from one address to sign in or up, whoever it says it is: a clubhouse shares one, a guesser
     * with a list of addresses does too. Beside the limit above, so that nobody's account is shut by it for others.
     */
    private const DOOR = 40;

    /** Passwords asked for again a minute by one coach. */
    private const PASSWORDS = 10;

    /** Looks a minute at take-home cards from one address: a family's, not a guesser's. */
    private const POCKET_LOOKS = 30;

    /** Requests a minute for one coach: several devices logging and looking at once. */
    private const REQUESTS = 1800;
    private const HOME_REQUESTS = 240;

    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateSqlite::class);
        $this->app->bind(RowCheck::class, RowRules::class);
        $this->app->bind(PageCheck::class, RenderedPages::class);
    }

    public function boot(): void
    {
        // The database driver writes a float as text of this precision; −1 is enough to read it back unchanged.
        ini_set('precision', '-1');
        // What a stumble leaves in the log names no arguments: passwords and notes are among them.
        ini_set('zend.exception_ignore_args', '1');
        Session::extend(
            'file',
            static fn(Application $app): FileSessions => new FileSessions(
                $app->make(Filesystem::class),
                config()->string('session.files'),
                config()->integer('session.lifetime'),
            ),
        );
        $this->guardRecords();
        Auth::viaRequest(
            'link',
            static fn(Request $request): ?TakeHomeCard => TakeHomeCard::behind(self::linkIn($request)),
        );
        $this->limitRates();
        $this->layOutbox();
        Event::listen(
            MigrationsEnded::class,
            fn() => RebuildAfterMigration::ifDue($this->app->make(ProjectSession::class)),
        );
        JsonResource::withoutWrapping();
        Model::preventLazyLoading(!$this->app->environment('production'));
        Model::preventSilentlyDiscardingAttributes();
    }

    private function guardRecords(): void
    {
        foreach (
            [
                Student::class,
                Green::class,
                GreenSpeedMeasurement::class,
                PracticeSession::class,
                PracticeRun::class,
                SavedDrill::class,
                LengthSet::class,
                Round::class,
                Benchmark::class,
                TakeHomeCard::class,
                Putter::class,
                OwnChecklist::class,
                SavedRead::class,
                HoleMapRecord::class,
                QuizAnswerRecord::class,
                HomeworkRecord::class,
                Booking::class,
            ]
            as $record
        ) {
            Gate::policy($record, WorkspacePolicy::class);
        }
        Gate::define('update-workspace', [WorkspacePolicy::class, 'updateWorkspace']);
    }

    /** The stand-in for a mail server. */
    private function layOutbox(): void
    {
        Mail::extend('outbox', static fn(array $mailer): LocalMailFolder => new LocalMailFolder($mailer['folder']));
    }

    private function limitRates(): void
    {
        RateLimiter::for(
            'sign-in',
            static fn(Request $request): array => [
                // First, as what the other one stops is counted here too.
                Limit::perMinute(self::DOOR)->by('door|' . $request->ip()),
                Limit::perMinute(self::SIGN_INS)->by($request->ip() . '|' . self::addressIn($request)),
            ],
        );
        RateLimiter::for(
            'account',
            static fn(Request $request): Limit => Limit::perMinute(self::PASSWORDS)->by(
                'account|' . $request->user()?->getAuthIdentifier(),
            ),
        );
        RateLimiter::for(
            'pocket',
            static fn(Request $request): Limit => Limit::perMinute(self::POCKET_LOOKS)->by((string) $request->ip()),
        );
        // A ball a few seconds, and what is asked for it; by link, as a household is one address.
        RateLimiter::for(
            'home',
            static fn(Request $request): array => [
                Limit::perMinute(self::HOME_REQUESTS)->by('home|' . self::linkIn($request)),
                Limit::perMinute(2 * self::HOME_REQUESTS)->by('home|' . $request->ip()),
            ],
        );
        RateLimiter::for('api', static function (Request $request): Limit {
            $coach = $request->user();

            return Limit::perMinute(self::REQUESTS)->by($coach instanceof Coach ? $coach->id : (string) $request->ip());
        });
    }

    private static function linkIn(Request $request): string
    {
        $link = $request->route('link');

        return is_string($link) ? $link : '';
    }

    private static function addressIn(Request $request): string
    {
        $email = $request->input('email');

        return is_string($email) ? Coach::address($email) : '';
    }
}

<?php

declare(strict_types=1);

use Amble\Core\Exception\CoreException;
use App\Database\DatabaseFailure;
use App\Http\Middleware\EnsureRequestMatchesCoach;
use App\Http\Middleware\RefuseUnreadableInput;
use App\Http\Middleware\SendSecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Validation\ValidationException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__ . '/../routes/web.php', api: __DIR__ . '/../routes/link.php')
    ->withCommands([__DIR__ . '/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        // Same origin only: nothing here answers another site, so there are no CORS headers to send.
        $middleware->remove(HandleCors::class);
        $middleware->append(SendSecurityHeaders::class);
        $middleware->append(RefuseUnreadableInput::class);
        $middleware->web(append: EnsureRequestMatchesCoach::class);
        // A request for another name was led here: nothing it holds may end up in a link or a cached answer.
        $middleware->trustHosts(
            at: static fn(): array => array_map(
                static fn(string $host): string => '^' . preg_quote($host, '/') . '$',
                config()->array('app.hosts'),
            ),
            subdomains: false,
        );
        // A changed password signs every other device out.
        $middleware->authenticateSessions();
        // Whose it is comes before what it is about: another's record must not answer that it is not there.
        $middleware->prependToPriorityList(SubstituteBindings::class, EnsureRequestMatchesCoach::class);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(static fn(Request $request): bool => $request->is('api/*'));
        // The one place where what the core refuses becomes an HTTP answer.
        $exceptions->map(
            CoreException::class,
            static fn(CoreException $refused): ValidationException => ValidationException::withMessages([
                $refused->field() ?? 'input' => [$refused->getMessage()],
            ]),
        );
        $exceptions->dontReport([CoreException::class]);
        $exceptions->map(\PDOException::class, DatabaseFailure::of(...));
    })
    ->create();

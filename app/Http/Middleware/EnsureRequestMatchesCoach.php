<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/**
 * Refuses what one coach entered and another's cookie brings: two tabs of one browser share the cookie, and not the
 * hand. A request that does not say whose it is is whoever's is signed in.
 */
final class EnsureRequestMatchesCoach
{
    public const HEADER = 'X-Amble-Coach';

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $said = $request->headers->get(self::HEADER);
        $coach = $request->user()?->getAuthIdentifier();
        if ($said !== null && $coach !== null && $said !== $coach) {
            throw new ConflictHttpException(
                'Another coach is signed in on this device now. Your entries stay here until you sign in.',
            );
        }

        return $next($request);
    }
}

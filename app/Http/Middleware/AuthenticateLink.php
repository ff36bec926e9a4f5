<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\PracticeRun;
use App\Models\PracticeSession;
use App\Models\TakeHomeCard;
use Illuminate\Auth\RequestGuard;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets whoever holds a student's private link to what was begun behind it, and to nothing else. The user of such a
 * request is the card, even where a coach is signed in on the same device.
 */
final class AuthenticateLink
{
    private const GUARD = 'link';

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $guard = Auth::guard(self::GUARD);
        assert($guard instanceof RequestGuard);
        // Asked anew for each request: a link may have been withdrawn since.
        $guard->forgetUser();
        $card = $guard->setRequest($request)->user();
        if (!($card instanceof TakeHomeCard)) {
            abort(404, 'This link no longer works: the card was withdrawn, or the link has expired.');
        }
        [$session, $run] = [$request->route('session'), $request->route('run')];
        abort_if(
            $session instanceof PracticeSession && (!$session->is_home || $session->student_id !== $card->student_id),
            404,
        );
        abort_if(
            $run instanceof PracticeRun &&
                (!($session instanceof PracticeSession) || $run->practice_session_id !== $session->id),
            404,
        );
        $request->setUserResolver(static fn(): TakeHomeCard => $card);

        return $next($request);
    }

    public static function card(Request $request): TakeHomeCard
    {
        $card = $request->user();
        assert($card instanceof TakeHomeCard);

        return $card;
    }
}

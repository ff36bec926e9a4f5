<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Coach;
use App\Models\PocketCard;
use App\Models\PracticeRun;
use App\Models\PracticeSession;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets whoever holds a student's private link to what was begun behind it, and to nothing else. The request is for that
 * student, in the name of the coach whose card it is, and nobody is signed in by it.
 */
final class BehindLink
{
    private const CARD = 'pocket_card';

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $link = $request->route('link');
        $card = is_string($link) ? PocketCard::behind($link) : null;
        $coach = $card === null ? null : Coach::query()->find($card->coach_id);
        if ($card === null || !$coach instanceof Coach) {
            abort(404, 'There is no card behind this link: it was withdrawn, or its time is over.');
        }
        [$session, $run] = [$request->route('session'), $request->route('run')];
        abort_if($session instanceof PracticeSession && (!$session->is_home || $session->student_id !== $card->student_id), 404);
        abort_if($run instanceof PracticeRun && (!$session instanceof PracticeSession || $run->practice_session_id !== $session->id), 404);
        $request->setUserResolver(static fn(): Coach => $coach);
        $request->attributes->set(self::CARD, $card);

        return $next($request);
    }

    public static function card(Request $request): PocketCard
    {
        $card = $request->attributes->get(self::CARD);
        assert($card instanceof PocketCard);

        return $card;
    }
}

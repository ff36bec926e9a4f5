<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class SendSecurityHeaders
{
    /** Seconds for which a browser that came by https comes by nothing else: a year. */
    private const HTTPS_ONLY = 31_536_000;

    /**
     * Tell the browser to load nothing from elsewhere and to show the app in no frame.
     *
     * @param \Closure(Request): Response $next
     */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add(array_filter(config()->array('headers'), is_string(...)));
        if ($request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', 'max-age=' . self::HTTPS_ONLY);
        }
        if (!$response->headers->has('Referrer-Policy')) {
            $response->headers->set('Referrer-Policy', 'same-origin');
        }

        // Which PHP answers is nobody's business.
        header_remove('X-Powered-By');

        return $response;
    }
}

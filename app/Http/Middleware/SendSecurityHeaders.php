<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class SendSecurityHeaders
{
    /**
     * Tell the browser to load nothing from elsewhere and to show the app in no frame.
     *
     * @param \Closure(Request): Response $next
     */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add([
            // Styles are written into the page by styled-components, so inline styles are allowed; scripts are not.
            'Content-Security-Policy' => "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; "
                . "frame-ancestors 'none'; base-uri 'self'; form-action 'self'; object-src 'none'",
            'X-Content-Type-Options' => 'nosniff',
        ]);
        if (!$response->headers->has('Referrer-Policy')) {
            $response->headers->set('Referrer-Policy', 'same-origin');
        }

        return $response;
    }
}

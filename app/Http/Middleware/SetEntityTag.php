<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

final class SetEntityTag
{
    /**
     * Mark an answer with what it says, and send nothing where the asker has the same already.
     *
     * @param \Closure(Request): Response $next
     */
    public function handle(Request $request, \Closure $next): Response
    {
        $response = $next($request);
        if ($request->isMethodCacheable() && $response->isSuccessful()) {
            $response->setEtag(hash('xxh128', (string) $response->getContent()));
            // Kept by the browser alone, and asked about each time.
            $response->headers->set('Cache-Control', 'private, no-cache');
            $response->isNotModified($request);
        }

        return $response;
    }
}

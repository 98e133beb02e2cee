<?php

declare(strict_types=1);

namespace App\Http\Security;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Everything the page needs ships with it, so nothing else may load, frame or run. */
final class StrictHeaders
{
    // Drawings and lifelines set positions in style attributes; scripts have no such leave.
    private const POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; font-src 'self'; img-src 'self' "
        ."data:; connect-src 'self'; "
        ."base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->set('Content-Security-Policy', self::POLICY);
        $response->headers->set('X-Content-Type-Options', 'nosniff');
        $response->headers->set('Referrer-Policy', 'no-referrer');

        return $response;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Only what we ship may run or be shown; styles that a dialog adds carry the page's nonce. */
final class ContentSecurityPolicy
{
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        $response->headers->set(
            'Content-Security-Policy',
            implode('; ', [
                "default-src 'none'",
                "script-src 'self' 'nonce-{$nonce}'",
                "style-src 'self' 'nonce-{$nonce}'",
                "img-src 'self' data: blob:",
                "font-src 'self'",
                "connect-src 'self'",
                "form-action 'self'",
                "base-uri 'none'",
                "frame-ancestors 'none'",
            ]),
        );

        return $response;
    }
}

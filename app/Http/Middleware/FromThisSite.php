<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A sign-in must come from a page of ours. Guests have no session to hold a token in, so what the browser says of the
 * page that asks is held against the host that is asked (OWASP, Cross-Site Request Forgery Prevention, “verifying origin”).
 */
final class FromThisSite
{
    public function handle(Request $request, Closure $next): Response
    {
        $origin = $request->headers->get('Origin');
        $site = $request->headers->get('Sec-Fetch-Site');
        $isOurs =
            ($origin === null || $origin === $request->getSchemeAndHttpHost() || $origin === config('app.url')) &&
            in_array($site, [null, 'same-origin', 'none'], true);

        return $isOurs && $request->isJson() ? $next($request) : new JsonResponse(['message' => 'Sign in on Planisher’s own page.'], 403);
    }
}

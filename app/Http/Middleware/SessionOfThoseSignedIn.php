<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\People\Sessions;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Laravel's session, kept only where somebody is signed in: what guests ask for leaves nothing behind. It ends some time
 * after it was last used (config/session.php), and at the latest this long after the sign-in.
 */
final class SessionOfThoseSignedIn extends StartSession
{
    private const MOST_SECONDS = 30 * 24 * 3600;

    private const TRIES = 5;

    private const BETWEEN_MS = 20;

    protected function startSession(Request $request, $session): Session
    {
        $session = parent::startSession($request, $session);
        $since = $session->get(Sessions::SINCE);
        if (is_int($since) && $since + self::MOST_SECONDS < now()->getTimestamp()) {
            $session->invalidate();
        }

        return $session;
    }

    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        $session = $request->session();
        if (self::isSignedIn($session)) {
            // What was asked for is done by now: that another write was in the way here mustn't tell otherwise.
            $met = fn (\Throwable $e): bool => (new ConcurrencyErrorDetector())->causedByConcurrencyError($e);
            retry(self::TRIES, fn () => parent::saveSession($request), self::BETWEEN_MS, $met);
        } elseif ($request->cookies->has($session->getName())) {
            $session->getHandler()->destroy($session->getId()); // it was somebody's
        }
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if (self::isSignedIn($session)) {
            parent::addCookieToResponse($response, $session);
        }
    }

    private static function isSignedIn(Session $session): bool
    {
        $guard = Auth::guard('web');

        return $guard instanceof SessionGuard && $session->has($guard->getName());
    }
}

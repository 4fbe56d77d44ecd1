<?php

declare(strict_types=1);

namespace App\Session;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as BaseStartSession;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * An API sends nobody back to where they came from, so it does not keep that in the session. Nor does it keep a session of
 * somebody who only looks and has none: one begins with the request for a token, or with what is sent.
 */
final class StartSession extends BaseStartSession
{
    private const BEGINS = 'sanctum/csrf-cookie';

    private const TOKEN_COOKIE = 'XSRF-TOKEN';

    /** @param Request $request */
    protected function handleStatefulRequest($request, $session, \Closure $next)
    {
        $this->startSession($request, $session);
        $request->setLaravelSession($session);
        $response = $next($request);
        if (self::isKept($request, $session)) {
            $this->addCookieToResponse($response, $session);
            $this->saveSession($request);
        } else {
            self::forget($request, $response, $session);
        }

        return $response;
    }

    private static function isKept(Request $request, Session $session): bool
    {
        $handler = $session instanceof Store ? $session->getHandler() : null;
        $isKnown = !$handler instanceof SparingSessionHandler || $handler->knows($session->getId());

        return $isKnown || !$request->isMethodSafe() || $request->is(self::BEGINS) || $session->has(Auth::guard('web')->getName());
    }

    /** What the browser may have of a session that is over must not be taken for one. */
    private static function forget(Request $request, Response $response, Session $session): void
    {
        foreach ([self::TOKEN_COOKIE, $session->getName()] as $cookie) {
            $response->headers->removeCookie($cookie, config()->string('session.path'));
            if ($request->cookies->has($cookie)) {
                $response->headers->clearCookie($cookie, config()->string('session.path'));
            }
        }
    }
}

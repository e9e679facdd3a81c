<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * A session as the framework starts it. What a browser fetches by itself, with nobody waiting for it, reads the session
 * and leaves
 * no trace: no cookie that would overwrite another's, no address to go to, no sentence shown to nobody.
 */
final class QuietSession extends StartSession
{
    public const HEADER = 'X-Keeping';

    public function handle($request, Closure $next): Response
    {
        $response = parent::handle($request, $next);
        if (self::isQuiet($request)) {
            $response->headers->remove('Set-Cookie');
        }

        return $response;
    }

    public static function isQuiet(Request $request): bool
    {
        return $request->isMethodSafe() && $request->headers->has(self::HEADER);
    }

    protected function saveSession($request): void
    {
        if (! self::isQuiet($request)) {
            parent::saveSession($request);
        }
    }
}

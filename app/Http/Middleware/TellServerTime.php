<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says in a Server-Timing header how long the server took, from the first line of index.php. */
final class TellServerTime
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        if (defined('LARAVEL_START')) {
            $response->headers->set('Server-Timing', sprintf('app;dur=%.1f', (microtime(true) - (float) LARAVEL_START) * 1000));
        }

        return $response;
    }
}

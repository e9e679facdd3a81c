<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says in a Server-Timing header how long the server took, from the moment PHP took the request. */
final class TellServerTime
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $began = (float) $request->server->get('REQUEST_TIME_FLOAT');
        $response->headers->set('Server-Timing', sprintf('app;dur=%.1f', (microtime(true) - $began) * 1000));

        return $response;
    }
}

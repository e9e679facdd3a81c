<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;

/**
 * Answers under the shop's public address, and on the local network under a number, the machine's name or localhost;
 * under
 * no name that somebody made up, which would end up in the links that are handed out.
 */
final readonly class KnownHost
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        return self::isKnown(strtolower($request->getHost())) ? $next($request) : throw new BadRequestHttpException();
    }

    private static function isKnown(string $host): bool
    {
        $public = parse_url((string) config('shop.address'), PHP_URL_HOST);
        $machine = strtolower((string) gethostname());

        return in_array($host, [$public, 'localhost', $machine, "{$machine}.local"], true) ||
            filter_var(trim($host, '[]'), FILTER_VALIDATE_IP) !== false;
    }
}

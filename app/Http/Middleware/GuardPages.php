<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Tells browsers what a page of this program may do: only what ships with it, in no frame, without telling other places
 * where it came from; and search engines to keep out.
 */
final class GuardPages
{
    private const POLICY = [
        "default-src 'self'",
        "script-src 'self'",
        "style-src 'self'",
        "img-src 'self' data:",
        "object-src 'none'",
        "base-uri 'self'",
        "form-action 'self'",
        "frame-ancestors 'none'",
    ];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        foreach ([
            'Content-Security-Policy' => implode('; ', self::POLICY),
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'no-referrer',
            'X-Robots-Tag' => 'noindex, nofollow',
            'Permissions-Policy' => 'geolocation=(), payment=(), usb=()',
        ] as $name => $value) {
            $response->headers->set($name, $value);
        }

        return $response;
    }
}

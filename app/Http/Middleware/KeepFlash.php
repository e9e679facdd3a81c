<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * What a form was refused for stays for the page that shows it: an answer while typing, asked in between, takes none of
 * it.
 */
final class KeepFlash
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $request->session()->reflash();

        return $next($request);
    }
}

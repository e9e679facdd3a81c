<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * What is answered where nobody is signed in to whatever is no page that somebody opens: only a page is gone back to
 * afterwards.
 */
final class SignedOut
{
    /**
     * What a page is made of: no address to go to. A page that a worker fetches for the browser says "empty" of itself.
     */
    private const PARTS = ['image', 'script', 'style', 'font', 'manifest'];

    /** Null for a page that was asked for, and for what is answered as JSON: the framework does both. */
    public static function answer(AuthenticationException $signedOut, Request $request): ?Response
    {
        $isPage =
            ! in_array($request->headers->get('Sec-Fetch-Dest'), self::PARTS, true) &&
            ! $request->headers->has('X-Keeping');

        return $isPage || $request->expectsJson() ? null : new Response('', 401);
    }
}

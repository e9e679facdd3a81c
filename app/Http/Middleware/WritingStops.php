<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\UseCases\Backups\WritingGate;
use App\UseCases\Backups\WritingStopped;
use App\Words\Text;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Whoever sends something waits while a backup is restored: nothing is written into a shop that is about to be another.
 */
final class WritingStops
{
    private const RESTORES = 'shop/restore*';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || $request->is(self::RESTORES)) {
            return $next($request);
        }
        try {
            return (new WritingGate())->write(static fn (): Response => $next($request));
        } catch (WritingStopped) {
            $says = Text::of('screen.shop.restoring');

            return $request->expectsJson()
                ? new JsonResponse(['message' => $says], 503, ['Retry-After' => '5'])
                : response()->view('errors.restoring', ['says' => $says], 503, ['Retry-After' => '5']);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Words\Text;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever got an account before there were roles says first what they are in the shop. */
final class AsksRole
{
    private const ASKING = ['role.ask', 'role.say', 'sign-out', 'preferences'];

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $person = $request->user();
        if (
            ! ($person instanceof User) ||
            $person->role_standing !== User::ASKED ||
            $request->routeIs(...self::ASKING)
        ) {
            return $next($request);
        }

        return $request->expectsJson()
            ? new JsonResponse(['message' => Text::of('screen.people.role-expected')], 409)
            : redirect()->route('role.ask');
    }
}

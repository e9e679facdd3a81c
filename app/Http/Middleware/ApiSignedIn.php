<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\ApiRight;
use App\Models\ApiToken;
use App\Words\Text;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Lets a request of the HTTP interface in by its token, for what the token may do. */
final class ApiSignedIn
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $right): Response
    {
        $token = ApiToken::open((string) $request->bearerToken());
        if ($token === null) {
            return self::refuse(401, 'unauthenticated', Text::of('api.unauthenticated'))->withHeaders(['WWW-Authenticate' => 'Bearer']);
        }
        if (! $token->may(ApiRight::from($right))) {
            return self::refuse(403, 'forbidden', Text::of('api.forbidden', ['right' => $right]));
        }
        $token->used();
        Auth::setUser($token->user);
        $request->setUserResolver(static fn () => $token->user);

        return $next($request);
    }

    public static function refuse(int $status, string $code, string $says): JsonResponse
    {
        return new JsonResponse(['error' => ['code' => $code, 'message' => $says]], $status);
    }
}

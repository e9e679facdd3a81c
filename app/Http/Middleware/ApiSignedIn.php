<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\ApiRight;
use App\Models\ApiToken;
use App\Words\Text;
use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Lets a request of the HTTP interface in by its token, for what token and person both may do; who guesses has to wait.
 */
final readonly class ApiSignedIn
{
    private const A_MINUTE = 120;

    /** Tokens that are none, from one address. */
    private const MISSES_A_MINUTE = 20;

    private const MINUTE = 60;

    public function __construct(private RateLimiter $limiter)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next, string $right): Response
    {
        $token = ApiToken::presented((string) $request->bearerToken());
        if ($token === null) {
            return $this->missed('api-misses:'.$request->ip());
        }
        if ($this->limiter->tooManyAttempts("api:{$token->id}", self::A_MINUTE)) {
            return $this->wait("api:{$token->id}");
        }
        $this->limiter->hit("api:{$token->id}", self::MINUTE);
        if (! $token->may(ApiRight::from($right))) {
            return self::refuse(403, 'forbidden', Text::of('api.forbidden', ['right' => $right]));
        }
        $token->used();
        Auth::setUser($token->user);
        $request->setUserResolver(static fn () => $token->user);

        return $next($request);
    }

    /** Counted by address; a good token from the same address goes on. */
    private function missed(string $misses): JsonResponse
    {
        if ($this->limiter->tooManyAttempts($misses, self::MISSES_A_MINUTE)) {
            return $this->wait($misses);
        }
        $this->limiter->hit($misses, self::MINUTE);

        return self::refuse(401, 'unauthenticated', Text::of('api.unauthenticated'))->withHeaders([
            'WWW-Authenticate' => 'Bearer',
        ]);
    }

    public static function refuse(int $status, string $code, string $says): JsonResponse
    {
        return new JsonResponse(['error' => ['code' => $code, 'message' => $says]], $status);
    }

    private function wait(string $key): JsonResponse
    {
        return self::refuse(429, 'too_many', Text::of('api.too_many'))->withHeaders([
            'Retry-After' => (string) max(1, $this->limiter->availableIn($key)),
        ]);
    }
}

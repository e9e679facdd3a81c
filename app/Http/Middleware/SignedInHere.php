<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\DeviceSignIn;
use App\Models\User;
use App\UseCases\People\Sessions;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Auth\AuthManager;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A session is good while its sign-in is not ended and its person is in the shop. */
final readonly class SignedInHere
{
    public const KEY = 'signed_in_by';

    public function __construct(private AuthManager $auth)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($this->isBySession($request)) {
            $key = $request->session()->get(self::KEY);
            $signIn = is_string($key) ? DeviceSignIn::of($key) : null;
            $person = $request->user();
            if (
                $signIn === null ||
                ! ($person instanceof User) ||
                ! $person->isHere() ||
                $signIn->user_id !== $person->id
            ) {
                $this->refuse($request);
            }
            Sessions::see($signIn);
        }

        return $next($request);
    }

    /** Not where a test says who acts. */
    private function isBySession(Request $request): bool
    {
        $guard = $this->auth->guard();

        return $guard instanceof SessionGuard && $request->session()->has($guard->getName());
    }

    private function refuse(Request $request): never
    {
        $guard = $this->auth->guard();
        if ($guard instanceof SessionGuard && ! QuietSession::isQuiet($request)) {
            $guard->logoutCurrentDevice();
            $request->session()->invalidate();
        }
        throw new AuthenticationException('', ['web'], $request->expectsJson() ? null : '/sign-in');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Asked;
use App\Http\Requests\SignInRequest;
use App\Screens\View\SignBoard;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class SignIn
{
    private const TRIES_PER_MINUTE = 5;

    public function show(): View
    {
        return view('sign-in', ['elevation' => SignBoard::elevation()]);
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        /** @var array{email: string, password: string} $account */
        $account = $request->validated();
        $tries = 'sign-in:'.mb_strtolower($account['email']).'|'.$request->ip();
        $this->refuseTooManyTries($tries);
        if (! Auth::attempt($account, remember: true)) {
            RateLimiter::hit($tries);
            throw ValidationException::withMessages(['email' => Text::of('screen.people.no-such-account')]);
        }
        RateLimiter::clear($tries);
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function destroy(Asked $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }

    private function refuseTooManyTries(string $tries): void
    {
        if (RateLimiter::tooManyAttempts($tries, self::TRIES_PER_MINUTE)) {
            $seconds = RateLimiter::availableIn($tries);
            throw ValidationException::withMessages(['email' => "Five tries did not fit. Expected a pause: try again in {$seconds} seconds."]);
        }
    }
}

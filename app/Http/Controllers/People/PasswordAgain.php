<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\UseCases\People\SignInTries;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Hash;

/** Asks for the password again before what concerns the whole shop. */
final class PasswordAgain
{
    public function show(): View
    {
        return view('people.password-again');
    }

    public function store(Asked $request, SignInTries $tries): RedirectResponse
    {
        $person = $request->person();
        $wait = $tries->take($person->email, (string) $request->ip());
        if ($wait > 0) {
            $request->refuse(['password' => Text::of('screen.people.too-many-tries', ['seconds' => $wait])]);
        }
        if (! Hash::check($request->text('password'), $person->password)) {
            $request->refuse(['password' => Text::of('screen.people.wrong-password')]);
        }
        $tries->succeeded($person->email, (string) $request->ip());
        $request->session()->passwordConfirmed();

        return redirect()->intended('/');
    }
}

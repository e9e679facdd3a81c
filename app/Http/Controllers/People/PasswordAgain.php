<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\UseCases\People\PasswordCheck;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Asks for the password again before what concerns the whole shop. */
final class PasswordAgain
{
    public function show(): View
    {
        return view('people.password-again');
    }

    public function store(Asked $request, PasswordCheck $password): RedirectResponse
    {
        $problem = $password->problem($request->person(), $request->text('password'), (string) $request->ip());
        if ($problem !== '') {
            $request->refuse(['password' => $problem]);
        }
        $request->session()->passwordConfirmed();

        return redirect()->intended('/');
    }
}

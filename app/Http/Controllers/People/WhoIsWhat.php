<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\Models\Role;
use App\Models\User;
use App\UseCases\People\SaidRole;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Asks whoever had an account before there were roles what they are in the shop. */
final class WhoIsWhat
{
    public function show(Asked $request): View|RedirectResponse
    {
        return $request->person()->role_standing === User::ASKED
            ? view('people.role', ['hasOwner' => SaidRole::hasOwner()])
            : redirect('/');
    }

    public function store(Asked $request, SaidRole $said): RedirectResponse
    {
        if ($request->person()->role_standing === User::ASKED) {
            $role =
                $request->choice('role', Role::class) ??
                $request->refuse(['role' => Text::of('screen.people.role-expected')]);
            $said->say($request->person(), $role);
        }

        return redirect('/');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\Models\User;
use App\UseCases\Audit\AuditLog;
use App\UseCases\People\ChoosePassword;
use App\UseCases\People\EntryLinks;
use App\UseCases\People\KnownDevices;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

/** Whoever holds a link to come in, or back in, chooses a password. */
final class Join
{
    public function __construct(private readonly EntryLinks $links, private readonly AuditLog $deeds)
    {
    }

    public function show(string $kind, int $id, string $token): View|Response
    {
        $person = $this->links->person($kind, $id, $token);

        return $person === null
            ? $this->closed()
            : view('people.join', ['newcomer' => $person, 'to' => route('join', [$kind, $id, $token], false)]);
    }

    public function store(
        Asked $request,
        string $kind,
        int $id,
        string $token,
        ChosenPassword $chosen,
        ChoosePassword $passwords,
        KnownDevices $devices,
    ): RedirectResponse|Response {
        $person = $this->links->person($kind, $id, $token);
        if (! ($person instanceof User)) {
            return $this->closed();
        }
        $passwords->byLink($person, $chosen->in($request, ChosenPassword::names($person)), $kind);
        Auth::login($person);
        $devices->remember($request, $person);

        return SignIn::enter($request, $this->deeds);
    }

    private function closed(): Response
    {
        return new Response(view('people.closed')->render(), 410);
    }
}

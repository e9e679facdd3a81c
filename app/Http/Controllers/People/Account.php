<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Middleware\SignedInHere;
use App\Http\Requests\Asked;
use App\Models\DeviceSignIn;
use App\Screens\People\DeviceLine;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\People\ChoosePassword;
use App\UseCases\People\OutsideAccess;
use App\UseCases\People\PasswordCheck;
use App\UseCases\People\Sessions;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** A person's own password, and where they are signed in. */
final class Account
{
    public function __construct(private readonly AuditLog $deeds)
    {
    }

    public function show(Asked $request): View
    {
        return view('people.account', [
            'hasPrograms' => OutsideAccess::isOpenFor($request->person()),
            'devices' => DeviceLine::all(Sessions::of($request->person()), $this->key($request)),
        ]);
    }

    /**
     * The other places where they are signed in end with the password; programs' access does where that is asked for.
     */
    public function password(
        Asked $request,
        ChosenPassword $chosen,
        ChoosePassword $passwords,
        PasswordCheck $password,
    ): RedirectResponse {
        $person = $request->person();
        $problem = $password->problem($person, $request->text('password_now'), (string) $request->ip());
        if ($problem !== '') {
            $request->refuse(['password_now' => $problem]);
        }
        $passwords->inPlace($person, $chosen->in($request, ChosenPassword::names($person)), $this->key($request));
        if ($request->boolean('end_programs')) {
            OutsideAccess::end($person);
        }

        return redirect()->route('account')->with('done', Text::of('screen.people.password-changed'));
    }

    public function end(Asked $request, int $signIn): RedirectResponse
    {
        DeviceSignIn::open()->where('user_id', $request->person()->id)->findOrFail($signIn)->end();
        $this->deeds->record(AuditEvent::SessionEnded, $request->person(), ['name' => $request->person()->name]);

        return redirect()->route('account')->with('done', Text::of('screen.people.session-ended'));
    }

    public function endOthers(Asked $request): RedirectResponse
    {
        Sessions::end($request->person(), $this->key($request));
        $this->deeds->record(AuditEvent::SessionEnded, $request->person(), ['name' => $request->person()->name]);

        return redirect()->route('account')->with('done', Text::of('screen.people.others-ended'));
    }

    private function key(Asked $request): ?string
    {
        $key = $request->session()->get(SignedInHere::KEY);

        return is_string($key) ? $key : null;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Middleware\SignedInHere;
use App\Http\Requests\Asked;
use App\Http\Requests\People\SignInRequest;
use App\Models\DeviceSignIn;
use App\Models\User;
use App\Screens\View\SignBoard;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\People\ChoosePassword;
use App\UseCases\People\KnownDevices;
use App\UseCases\People\OwnerCode;
use App\UseCases\People\PasswordCheck;
use App\UseCases\People\Sessions;
use App\UseCases\People\SignInTries;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

final class SignIn
{
    public function __construct(private readonly SignInTries $tries, private readonly AuditLog $deeds)
    {
    }

    public function show(): View|RedirectResponse
    {
        return OwnerCode::isAwaited()
            ? redirect()->route('first-owner')
            : view('people.sign-in', ['elevation' => SignBoard::elevation()]);
    }

    public function store(
        SignInRequest $request,
        PasswordCheck $password,
        ChoosePassword $passwords,
        KnownDevices $devices,
    ): RedirectResponse {
        [$email, $typed, $address] = [
            trim($request->text('email')),
            $request->text('password'),
            (string) $request->ip(),
        ];
        $wait = $this->tries->take($email, $address, $devices->knows($request, $email) ? 'known' : 'unknown');
        if ($wait > 0) {
            if ($this->tries->isFirstRefusal($address)) {
                $this->deeds->record(AuditEvent::SignInSlowed, null, [
                    'email' => mb_substr($email, 0, 100),
                    'address' => $address,
                ]);
            }
            $request->refuse(['email' => Text::of('screen.people.too-many-tries', ['seconds' => $wait])]);
        }
        $person = User::query()
            ->whereRaw('lower(email) = ?', [mb_strtolower($email)])
            ->first();
        if (! $password->fits($person, $typed) || $person === null) {
            $request->refuse(['email' => Text::of('screen.people.no-such-account')]);
        }
        $this->tries->succeeded($email, $address);
        $passwords->hashedAnew($person, $typed);
        Auth::login($person);
        $devices->remember($request, $person);

        return self::enter($request, $this->deeds);
    }

    /** Whoever was just let in starts a session of their own. */
    public static function enter(SignInRequest|Asked $request, AuditLog $deeds): RedirectResponse
    {
        $request->session()->regenerate();
        $person = $request->person();
        $request
            ->session()
            ->put(SignedInHere::KEY, Sessions::begin($person, (string) $request->userAgent(), (string) $request->ip()));
        $request->session()->passwordConfirmed();
        $deeds->record(AuditEvent::SignedIn, $person, ['address' => (string) $request->ip()]);

        return redirect()->intended('/');
    }

    public function destroy(Asked $request): RedirectResponse
    {
        $key = $request->session()->get(SignedInHere::KEY);
        if (is_string($key)) {
            DeviceSignIn::of($key)?->end();
        }
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
        // Whoever comes next to this browser finds nothing of it. What waits there to be sent is sealed, and stays for
        // its person.
        $clears = $request->boolean('waits') ? '"cache"' : '"cache", "storage"';

        return redirect('/sign-in')->withHeaders([
            'Clear-Site-Data' => $clears,
            'Cache-Control' => 'no-store, private',
        ]);
    }
}

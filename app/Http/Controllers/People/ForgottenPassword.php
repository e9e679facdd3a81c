<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\Mail\PasswordLink;
use App\Models\User;
use App\UseCases\People\EntryLinks;
use App\UseCases\People\SignInTries;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Mail;

/** Asks for a link by mail. The answer is the same whether there is such an account or not. */
final class ForgottenPassword
{
    public function show(): View
    {
        return view('people.forgotten', ['isMailed' => ! in_array(config('mail.default'), ['log', 'array'], true)]);
    }

    public function store(Asked $request, EntryLinks $links, SignInTries $tries): RedirectResponse
    {
        $email = trim($request->text('email'));
        if ($email === '') {
            $request->refuse(['email' => Text::of('screen.people.email-expected')]);
        }
        $wait = $tries->take("mail:{$email}", (string) $request->ip());
        if ($wait > 0) {
            $request->refuse(['email' => Text::of('screen.people.too-many-tries', ['seconds' => $wait])]);
        }
        // All that differs between an account and none is done when the answer is out.
        defer(static function () use ($email, $links): void {
            $person = User::here()
                ->whereRaw('lower(email) = ?', [mb_strtolower($email)])
                ->first();
            if ($person !== null) {
                Mail::to($person->email)->send(
                    new PasswordLink($person->name, $links->make($person, EntryLinks::RESET), $person->language),
                );
            }
        });

        return redirect()->route('forgotten')->with('done', Text::of('screen.people.link-mailed'));
    }
}

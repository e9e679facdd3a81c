<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\Models\Language;
use App\UseCases\Audit\AuditLog;
use App\UseCases\People\MakeFirstOwner;
use App\UseCases\People\OwnerCode;
use App\UseCases\People\PersonDraft;
use App\UseCases\People\SignInTries;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

/** Makes the owner of an empty shop, once, with the code that the console printed. */
final class FirstOwner
{
    private const ACCOUNT = 'first-owner';

    public function __construct(
        private readonly OwnerCode $code,
        private readonly SignInTries $tries,
        private readonly AuditLog $deeds,
    ) {
    }

    public function show(): View
    {
        abort_unless(OwnerCode::isAwaited(), 404);

        return view('people.first-owner');
    }

    public function store(Asked $request, ChosenPassword $chosen, MakeFirstOwner $owners): RedirectResponse
    {
        abort_unless(OwnerCode::isAwaited(), 404);
        $draft = new PersonDraft($request->typed());
        $problems = $draft->problems();
        if ($problems !== []) {
            $request->refuse($problems);
        }
        $password = $chosen->in($request, [$draft->name, $draft->email]);
        $this->checkCode($request);
        Auth::login($owners->made($draft, $password, Language::askedBy($request)) ?? abort(404));

        return SignIn::enter($request, $this->deeds);
    }

    private function checkCode(Asked $request): void
    {
        $wait = $this->tries->take(self::ACCOUNT, (string) $request->ip());
        if ($wait > 0) {
            $request->refuse(['code' => Text::of('screen.people.too-many-tries', ['seconds' => $wait])]);
        }
        if (! $this->code->is($request->text('code'))) {
            $request->refuse(['code' => Text::of('screen.people.wrong-code')]);
        }
    }
}

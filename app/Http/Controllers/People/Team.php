<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\Models\Revocation;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Deeds\Deed;
use App\UseCases\Deeds\DeedLog;
use App\UseCases\People\EntryLinks;
use App\UseCases\People\OutsideAccess;
use App\UseCases\People\PersonDraft;
use App\UseCases\People\Sessions;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Yoke\Shop\ShopSettings;

/** Who is in the shop: invited, given a role, helped back in, and let go. */
final class Team
{
    private const UNUSABLE_LENGTH = 60;

    public function __construct(private readonly EntryLinks $links, private readonly DeedLog $deeds)
    {
    }

    public function show(): View
    {
        return view('people.team', [
            'people' => User::query()->whereNotNull('role')->whereNull('left_at')->withMax('signIns', 'seen_at')->orderBy('name')->get(),
            'gone' => User::query()->whereNotNull('left_at')->orderBy('name')->get(),
        ]);
    }

    public function invite(Asked $request, ShopSettings $settings): RedirectResponse
    {
        $draft = new PersonDraft($request->typed());
        $problems = $draft->problems() + ($draft->role === null ? ['role' => Text::of('screen.people.role-expected')] : []);
        if ($problems !== []) {
            $request->refuse($problems);
        }
        $person = User::query()->create(['name' => $draft->name, 'email' => $draft->email, 'password' => Str::random(self::UNUSABLE_LENGTH), 'role' => $draft->role, 'fineness' => $settings->fineness(), 'language' => $request->person()->language]);
        $this->deeds->record(Deed::Invited, $request->person(), ['name' => $person->name, 'role' => $draft->role?->value]);

        return $this->handOut($person, EntryLinks::INVITATION);
    }

    /** A link to choose a password: another invitation for who never came in, a reset for all others. */
    public function link(Asked $request, User $person): RedirectResponse
    {
        Gate::authorize('manage', $person);
        abort_unless($person->isHere(), 404);
        $this->deeds->record(Deed::LinkMade, $request->person(), ['name' => $person->name]);

        return $this->handOut($person, $person->signIns()->exists() ? EntryLinks::RESET : EntryLinks::INVITATION);
    }

    public function role(Asked $request, User $person): RedirectResponse
    {
        Gate::authorize('manage', $person);
        $role = $request->choice('role', Role::class) ?? $request->refuse(['role' => Text::of('screen.people.role-expected')]);
        $person->update(['role' => $role, 'role_standing' => null]);
        $this->deeds->record(Deed::RoleChanged, $request->person(), ['name' => $person->name, 'role' => $role->value]);

        return redirect()->route('people')->with('done', Text::of('screen.people.role-changed', ['name' => $person->name]));
    }

    /** What they did stays under their name; they are signed out everywhere, and their programs with them, for good. */
    public function letGo(Asked $request, User $person): RedirectResponse
    {
        Gate::authorize('manage', $person);
        $person->update(['left_at' => Date::now()]);
        Sessions::end($person);
        OutsideAccess::end($person);
        $this->links->close($person);
        Revocation::Person->note(Revocation::ofAddress($person->email));
        $this->deeds->record(Deed::Left, $request->person(), ['name' => $person->name]);

        return redirect()->route('people')->with('done', Text::of('screen.people.left', ['name' => $person->name]));
    }

    public function takeBack(Asked $request, User $person): RedirectResponse
    {
        Gate::authorize('manage', $person);
        $person->update(['left_at' => null]);
        Revocation::Person->lift(Revocation::ofAddress($person->email));
        $this->deeds->record(Deed::RoleChanged, $request->person(), ['name' => $person->name, 'role' => $person->role?->value]);

        return redirect()->route('people')->with('done', Text::of('screen.people.back', ['name' => $person->name]));
    }

    /** Shown once, to be handed on. */
    private function handOut(User $person, string $kind): RedirectResponse
    {
        return redirect()->route('people')->with('handed', ['name' => $person->name, 'link' => $this->links->make($person, $kind), 'kind' => $kind]);
    }
}

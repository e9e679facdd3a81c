<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\Models\Role;
use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\People\EntryLinks;
use App\UseCases\People\ManagePeople;
use App\UseCases\People\PersonDraft;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** Who is in the shop: invited, given a role, helped back in, and let go. */
final class Team
{
    public function __construct(
        private readonly ManagePeople $people,
        private readonly EntryLinks $links,
        private readonly AuditLog $deeds,
    ) {
    }

    public function show(): View
    {
        return view('people.team', [
            'people' => User::query()
                ->whereNotNull('role')
                ->whereNull('left_at')
                ->withMax('signIns', 'seen_at')
                ->orderBy('name')
                ->get(),
            'gone' => User::query()->whereNotNull('left_at')->orderBy('name')->get(),
        ]);
    }

    public function invite(Asked $request): RedirectResponse
    {
        $draft = new PersonDraft($request->typed());
        $problems =
            $draft->problems() + ($draft->role === null ? ['role' => Text::of('screen.people.role-expected')] : []);
        if ($problems !== [] || $draft->role === null) {
            $request->refuse($problems);
        }

        return $this->handOut($this->people->invited($request->person(), $draft, $draft->role), EntryLinks::INVITATION);
    }

    /** A link to choose a password: another invitation for who never came in, a reset for all others. */
    public function link(Asked $request, User $person): RedirectResponse
    {
        Gate::authorize('manage', $person);
        abort_unless($person->isHere(), 404);
        $this->deeds->record(AuditEvent::LinkMade, $request->person(), ['name' => $person->name]);

        return $this->handOut($person, $person->signIns()->exists() ? EntryLinks::RESET : EntryLinks::INVITATION);
    }

    public function role(Asked $request, User $person): RedirectResponse
    {
        $role =
            $request->choice('role', Role::class) ??
            $request->refuse(['role' => Text::of('screen.people.role-expected')]);
        $this->people->role($request->person(), $person, $role);

        return redirect()
            ->route('people')
            ->with('done', Text::of('screen.people.role-changed', ['name' => $person->name]));
    }

    public function letGo(Asked $request, User $person): RedirectResponse
    {
        $this->people->letGo($request->person(), $person);

        return redirect()->route('people')->with('done', Text::of('screen.people.left', ['name' => $person->name]));
    }

    public function takeBack(Asked $request, User $person): RedirectResponse
    {
        $this->people->takenBack($request->person(), $person);

        return redirect()->route('people')->with('done', Text::of('screen.people.back', ['name' => $person->name]));
    }

    /** Shown once, to be handed on. */
    private function handOut(User $person, string $kind): RedirectResponse
    {
        return redirect()
            ->route('people')
            ->with('handed', ['name' => $person->name, 'link' => $this->links->make($person, $kind), 'kind' => $kind]);
    }
}

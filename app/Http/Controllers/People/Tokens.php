<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\Models\ApiRight;
use App\Models\ApiToken;
use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\People\PasswordCheck;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\RedirectResponse;

/**
 * Tokens of a person for programs and devices: made with the password, said once, revoked by their person or an owner.
 */
final class Tokens
{
    private const LONGEST_NAME = 80;

    private const DAYS = [30, 90, ApiToken::LONGEST_DAYS];

    public function __construct(private readonly AuditLog $deeds)
    {
    }

    public function show(Asked $request): View
    {
        $person = $request->person();

        return view('people.tokens', [
            'tokens' => $this->of($person)->all(),
            'others' => $person->role?->isOwner() === true ? $this->ofOthers($person)->all() : [],
            'days' => self::DAYS,
            'rights' => ApiRight::openTo($person),
        ]);
    }

    public function make(Asked $request, PasswordCheck $password): RedirectResponse
    {
        $name = trim($request->text('name'));
        $rights = array_values(
            array_intersect_key(
                array_column(ApiRight::openTo($request->person()), null, 'value'),
                array_flip($request->lists('rights')),
            ),
        );
        $problems = array_filter([
            'name' => $name === '' || mb_strlen($name) > self::LONGEST_NAME ? Text::of('api.expected_name') : '',
            'rights' => $rights === [] ? Text::of('api.expected_right') : '',
            'made' => ApiToken::open()->where('user_id', $request->person()->id)->count() >= ApiToken::MOST
                    ? Text::of('api.expected_fewer', ['most' => ApiToken::MOST])
                    : '',
        ]);
        $problems =
            $problems === []
                ? array_filter([
                    'password_now' => $password->problem(
                        $request->person(),
                        $request->text('password_now'),
                        (string) $request->ip(),
                    ),
                ])
                : $problems;
        if ($problems !== []) {
            return redirect()->route('tokens')->withInput($request->typed())->withErrors($problems);
        }
        $token = ApiToken::issue(
            $request->person(),
            $name,
            $rights,
            in_array($request->whole('days'), self::DAYS, true) ? $request->whole('days') : ApiToken::LONGEST_DAYS,
        );
        $this->deeds->record(AuditEvent::TokenMade, $request->person(), ['token' => $name]);

        return redirect()->route('tokens')->with('token', $token);
    }

    /** A person's own; of everybody's for an owner. */
    public function revoke(Asked $request, int $access): RedirectResponse
    {
        $theirs = ApiToken::query()->whereNull('revoked_at');
        $found = ($request->person()->role?->isOwner() === true
            ? $theirs
            : $theirs->where('user_id', $request->person()->id)
        )->findOrFail($access);
        $found->revoke();
        $this->deeds->record(AuditEvent::TokenRevoked, $request->person(), ['token' => $found->name]);

        return redirect()->route('tokens');
    }

    /** @return Collection<int, ApiToken> */
    private function of(User $person): Collection
    {
        return ApiToken::query()->with('user')->where('user_id', $person->id)->orderByDesc('id')->get();
    }

    /** @return Collection<int, ApiToken> those of the others that go on */
    private function ofOthers(User $person): Collection
    {
        return ApiToken::open()
            ->with('user')
            ->where('user_id', '!=', $person->id)
            ->orderBy('user_id')
            ->orderByDesc('id')
            ->get();
    }
}

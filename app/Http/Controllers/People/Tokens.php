<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Requests\Asked;
use App\Models\ApiRight;
use App\Models\ApiToken;
use App\UseCases\Deeds\Deed;
use App\UseCases\Deeds\DeedLog;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Date;

/** Tokens of a person for programs and devices: made, said once, revoked. */
final class Tokens
{
    private const LONGEST_NAME = 80;

    private const DAYS = [30, 90, 365];

    public function show(Asked $request): View
    {
        return view('people.tokens', ['tokens' => ApiToken::query()->with('user')->where('user_id', $request->person()->id)->orderByDesc('id')->limit(40)->get(), 'days' => self::DAYS]);
    }

    public function make(Asked $request, DeedLog $deeds): RedirectResponse
    {
        $name = trim($request->text('name'));
        $rights = array_values(array_filter(array_map(ApiRight::tryFrom(...), array_values($request->lists('rights')))));
        $problems = array_filter(['name' => $name === '' || mb_strlen($name) > self::LONGEST_NAME ? Text::of('api.expected_name') : '', 'rights' => $rights === [] ? Text::of('api.expected_right') : '']);
        if ($problems !== []) {
            return redirect()->route('tokens')->withInput($request->typed())->withErrors($problems);
        }
        $days = $request->whole('days');
        $token = ApiToken::issue($request->person(), $name, $rights, in_array($days, self::DAYS, true) ? Date::now()->addDays($days)->toImmutable() : null);
        $deeds->record(Deed::TokenMade, $request->person(), ['token' => $name]);

        return redirect()->route('tokens')->with('token', $token);
    }

    public function revoke(Asked $request, DeedLog $deeds, int $access): RedirectResponse
    {
        $found = ApiToken::query()->where('user_id', $request->person()->id)->whereNull('revoked_at')->findOrFail($access);
        $found->update(['revoked_at' => Date::now()]);
        $deeds->record(Deed::TokenRevoked, $request->person(), ['token' => $found->name]);

        return redirect()->route('tokens');
    }
}

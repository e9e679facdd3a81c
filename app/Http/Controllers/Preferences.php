<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\CallingPreferences;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Yoke\Units\Text\Fineness;

/** A person's own units, fineness and theme. */
final class Preferences
{
    public function update(Request $request): RedirectResponse
    {
        /** @var array{fineness?: string, theme?: string} $chosen */
        $chosen = $request->validate([
            'fineness' => ['sometimes', Rule::enum(Fineness::class)],
            'theme' => ['sometimes', Rule::in(array_keys(User::THEMES))],
        ]);
        /** @var User $person */
        $person = $request->user();
        $person->update($chosen);

        return back();
    }

    /** How readings are taken that somebody calls. */
    public function calling(Request $request): RedirectResponse
    {
        $request->validate(['pause' => ['required', Rule::in(array_map(strval(...), CallingPreferences::PAUSES))]]);
        /** @var User $person */
        $person = $request->user();
        $person->update(['calling' => (new CallingPreferences($request->boolean('sixteenths'), $request->integer('pause'), $request->boolean('aloud')))->toArray()]);

        return back();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CallingRequest;
use App\Http\Requests\PreferencesRequest;
use App\UseCases\People\ChoosePreferences;
use Illuminate\Http\RedirectResponse;

/** A person's own units, fineness, theme and language. */
final class Preferences
{
    public function update(PreferencesRequest $request, ChoosePreferences $preferences): RedirectResponse
    {
        /** @var array{fineness?: string, theme?: string, language?: string} $chosen */
        $chosen = $request->validated();
        $preferences->chosen($request->person(), $chosen);

        return redirect($request->from());
    }

    /** How readings are taken that somebody calls. */
    public function calling(CallingRequest $request, ChoosePreferences $preferences): RedirectResponse
    {
        $preferences->chosen($request->person(), ['calling' => $request->preferences()->toArray()]);

        return redirect($request->from());
    }
}

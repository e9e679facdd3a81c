<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CallingRequest;
use App\Http\Requests\PreferencesRequest;
use Illuminate\Http\RedirectResponse;

/** A person's own units, fineness, theme and language. */
final class Preferences
{
    public function update(PreferencesRequest $request): RedirectResponse
    {
        /** @var array{fineness?: string, theme?: string, language?: string} $chosen */
        $chosen = $request->validated();
        $request->person()->update($chosen);

        return redirect($request->from());
    }

    /** How readings are taken that somebody calls. */
    public function calling(CallingRequest $request): RedirectResponse
    {
        $request->person()->update(['calling' => $request->preferences()->toArray()]);

        return redirect($request->from());
    }
}

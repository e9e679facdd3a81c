<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Requests\Asked;
use App\Screens\Shop\WhatWouldChange;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Settings\KeptSettings;
use App\UseCases\Settings\SettingsDraft;
use App\Words\Text;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Yoke\Job\Shop\ShopSettings;

/** What the shop holds to: seen, tried on open jobs, chosen. */
final class Settings
{
    private const HISTORY = 40;

    public function show(Asked $request, ShopSettings $settings): View
    {
        return $this->page($settings, $settings, null);
    }

    /** What the typed settings would change; nothing is saved. */
    public function preview(Asked $request, ShopSettings $settings, JobAnalyses $analyses): View|RedirectResponse
    {
        $draft = new SettingsDraft($request->typed());
        if ($draft->problems !== []) {
            return redirect()->route('settings')->withInput($request->typed())->withErrors($draft->problems);
        }
        $then = ShopSettings::of($draft->chosen);

        return $this->page(
            $settings,
            $then,
            WhatWouldChange::by($then, $analyses, $request->person(), new Repository(new ArrayStore())),
        );
    }

    public function store(Asked $request, KeptSettings $kept): RedirectResponse
    {
        $draft = new SettingsDraft($request->typed());
        if ($draft->problems !== []) {
            return redirect()->route('settings')->withInput($request->typed())->withErrors($draft->problems);
        }
        $changed = $kept->choose($draft->chosen, $request->person());

        return redirect()
            ->route('settings')
            ->with(
                'done',
                $changed === 0 ? Text::of('screen.shop.nothing-changed') : Text::of('screen.shop.settings-saved'),
            );
    }

    private function page(ShopSettings $now, ShopSettings $typed, ?WhatWouldChange $change): View
    {
        return view('shop.settings', [
            'now' => $now,
            'typed' => $typed,
            'change' => $change,
            'history' => KeptSettings::history(self::HISTORY),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garage;

use App\Http\Requests\Asked;
use App\Screens\Choice\ChoicePage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Choice\ChoiceDraft;
use Illuminate\Contracts\View\View;
use Yoke\Job\Shop\ShopSettings;

/**
 * Whether a vehicle and a trailer need a hitch that distributes, and which. Nothing is saved: the address holds what
 * was asked.
 */
final class HitchChoices
{
    public function show(Asked $request, JobAnalyses $analyses, ShopSettings $settings): View
    {
        return view('choice.show', [
            'page' => new ChoicePage(
                new ChoiceDraft($request->query()),
                $request->person(),
                $analyses,
                $settings->rules()->range,
            ),
        ]);
    }
}

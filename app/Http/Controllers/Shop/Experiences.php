<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Requests\Asked;
use App\Screens\Experience\ExperiencePage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Experience\ShopExperience;
use Illuminate\Contracts\View\View;

/** What the shop has learned from its finished jobs. */
final class Experiences
{
    public function show(Asked $request, ShopExperience $shop, JobAnalyses $analyses): View
    {
        return view('experience.show', ['page' => new ExperiencePage($shop, $analyses->doubts, $request->person())]);
    }
}

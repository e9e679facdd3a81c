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
    /** Finished jobs that nobody looked at yet, so many at a time. */
    private const AT_ONCE = 10;

    public function show(Asked $request, ShopExperience $shop, JobAnalyses $analyses): View
    {
        $shop->catchUp(self::AT_ONCE);

        return view('experience.show', ['page' => new ExperiencePage($shop, $analyses->doubts, $request->person())]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Requests\Asked;
use App\Screens\Experience\ExperiencePage;
use App\UseCases\Experience\ShopExperience;
use Illuminate\Contracts\View\View;
use Yoke\Job\Shop\ShopRules;

/** What the shop has learned from its finished jobs. */
final class Experiences
{
    public function show(Asked $request, ShopExperience $shop, ShopRules $rules): View
    {
        return view('experience.show', [
            'page' => new ExperiencePage($shop, $rules->priors, $request->person()),
        ]);
    }
}

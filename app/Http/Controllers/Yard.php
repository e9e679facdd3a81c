<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Screens\Yard\JobCards;
use App\Screens\Yard\YardPage;
use App\UseCases\Analysis\JobAnalyses;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final class Yard
{
    public function __construct(private readonly JobAnalyses $analyses, private readonly Repository $cache)
    {
    }

    public function show(Request $request): View
    {
        /** @var User $person */
        $person = $request->user();

        $yard = new YardPage($person, new JobCards($person, $this->analyses, $this->cache));

        return view('yard', ['today' => $yard->today(), 'open' => $yard->open(), 'moreOpen' => $yard->moreOpen(), 'finished' => $yard->finished(), 'due' => $yard->due()]);
    }
}

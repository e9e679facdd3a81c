<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Asked;
use App\Screens\Yard\JobCards;
use App\Screens\Yard\YardPage;
use App\UseCases\Analysis\JobAnalyses;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\View\View;

final class Yard
{
    public function __construct(private readonly JobAnalyses $analyses, private readonly Repository $cache)
    {
    }

    public function show(Asked $request): View
    {
        $person = $request->person();

        $yard = new YardPage($person, new JobCards($person, $this->analyses, $this->cache));

        return view('yard', ['today' => $yard->today(), 'open' => $yard->open(), 'moreOpen' => $yard->moreOpen(), 'finished' => $yard->finished(), 'due' => $yard->due(), 'notes' => $yard->notes()]);
    }
}

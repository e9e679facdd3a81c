<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Asked;
use App\Screens\Day\DayPage;
use App\Screens\Yard\JobCards;
use App\Screens\Yard\YardPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Day\DayBook;
use App\UseCases\Day\TimeToGo;
use App\UseCases\Pages\Freshness;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Date;
use Yoke\Job\Shop\ShopSettings;

final class Yard
{
    public function __construct(
        private readonly JobAnalyses $analyses,
        private readonly TimeToGo $toGo,
        private readonly Freshness $freshness,
        private readonly Repository $cache,
    ) {
    }

    public function show(Asked $request, DayBook $book, ShopSettings $settings): View
    {
        $person = $request->person();
        $cards = new JobCards($person, $this->analyses, $this->toGo, $this->freshness, $this->cache);
        $yard = new YardPage($person, $cards);

        return view('yard', [
            'today' => $yard->today(),
            'open' => $yard->open(),
            'moreOpen' => $yard->moreOpen(),
            'finished' => $yard->finished(),
            'due' => $yard->due(),
            'notes' => $yard->notes(),
            'day' => $book->isPlanned(Date::today()->toImmutable())
                ? new DayPage(Date::today()->toImmutable(), $book, $settings)
                : null,
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Yard\YardPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Yoke\Tape\HeightDoubt;

final class Yard
{
    public function __construct(private readonly HeightDoubt $doubt)
    {
    }

    public function show(Request $request): View
    {
        /** @var User $person */
        $person = $request->user();

        $yard = new YardPage($person, $this->doubt);

        return view('yard', ['today' => $yard->today(), 'open' => $yard->open(), 'finished' => $yard->finished(), 'due' => $yard->due()]);
    }
}

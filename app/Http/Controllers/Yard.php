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

        return view('yard', ['yard' => new YardPage($person, $this->doubt)]);
    }
}

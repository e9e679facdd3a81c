<?php

declare(strict_types=1);

namespace App\Http\Controllers\Day;

use App\Http\Requests\Asked;
use App\Models\CallOutcome;
use App\Models\Rig;
use App\Screens\Day\CallsPage;
use App\UseCases\Customers\KeepCustomer;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What is due, as a list of owners to call. */
final class Calls
{
    public function show(Asked $request): View
    {
        return view('day.calls', ['page' => new CallsPage($request->person())]);
    }

    public function store(Asked $request, KeepCustomer $customers, Rig $rig): RedirectResponse
    {
        $outcome = $request->choice('outcome', CallOutcome::class) ?? abort(422, Text::of('expected.form.call'));
        $customers->called($request->person(), $rig, $outcome);

        return redirect()->route('calls');
    }
}

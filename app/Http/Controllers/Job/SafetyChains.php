<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Bench\SafetyChainPage;
use App\UseCases\Forms\SafetyChainForm;
use Illuminate\Contracts\View\View;

/** Reckons the length of safety chains; nothing of it is kept but the address. */
final class SafetyChains
{
    public function show(Asked $request, Job $job): View
    {
        $names = array_keys(SafetyChainForm::FIELDS);

        return view('bars.chains', [
            'page' => new SafetyChainPage($job, $request->person(), array_filter($request->texts($names))),
        ]);
    }
}

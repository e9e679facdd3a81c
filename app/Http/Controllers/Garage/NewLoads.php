<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garage;

use App\Http\Requests\Asked;
use App\Models\Hitch;
use App\Screens\Garage\NewLoadPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Garage\KeptPart;
use App\UseCases\Jobs\NewJob;
use App\UseCases\Jobs\NewLoad;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Yoke\Job\Shop\ShopSettings;
use Yoke\Workshop\Procedure\Station;

/** A hitch behind another vehicle, before another trailer, or under another load. */
final class NewLoads
{
    public function __construct(private readonly JobAnalyses $analyses, private readonly ShopSettings $settings)
    {
    }

    public function index(): View
    {
        return view('garage.new-loads', ['hitches' => NewLoadPage::hitches()]);
    }

    public function show(Asked $request, int $id): View
    {
        return view('garage.new-load', ['page' => $this->page($request, $id)]);
    }

    public function preview(Asked $request, int $id): JsonResponse
    {
        $page = $this->page($request, $id);

        return response()->json([
            'problems' => (object) $page->load->problems(),
            'parts' => ['new-load' => view('garage.new-load-says', ['page' => $page])->render()],
        ]);
    }

    public function store(Asked $request, KeptPart $kept, NewJob $jobs, int $id): RedirectResponse
    {
        $load = $this->page($request, $id)->load;
        if ($load->problems() !== []) {
            return redirect()->route('new-load', $id)->withInput($request->typed())->withErrors($load->problems());
        }

        return redirect()->route('bench', [$load->start($kept, $jobs), Station::Brief->value]);
    }

    private function page(Asked $request, int $id): NewLoadPage
    {
        $hitch = Hitch::query()->findOrFail($id);

        return new NewLoadPage(
            new NewLoad(
                $hitch,
                $request->texts(['vehicle', 'trailer', 'tongue_weight_kg']),
                NewLoadPage::lastRig($hitch),
                $request->person(),
            ),
            $request->person(),
            $this->analyses,
            $this->settings->rules()->range,
        );
    }
}

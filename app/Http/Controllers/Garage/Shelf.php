<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garage;

use App\Models\Rig;
use App\Models\User;
use App\Screens\Garage\PartForm;
use App\UseCases\Garage\PairDraft;
use App\UseCases\Garage\PartModels;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Yoke\Specification\RigPart;

/** What comes into the garage, is copied, put away and brought back. Nothing leaves it. */
final class Shelf
{
    public function create(Request $request, RigPart $part): View
    {
        $model = PartModels::fresh($part);

        return view('garage.edit', ['part' => $part, 'model' => $model, 'form' => new PartForm($part, $model, $this->person($request)), 'plan' => null]);
    }

    public function store(Request $request, RigPart $part): RedirectResponse
    {
        $model = PartModels::fresh($part);
        $typed = array_filter($request->except(['_token']), is_string(...));
        $problems = (new PartForm($part, $model, $this->person($request)))->fill($typed);
        if ($problems !== []) {
            return redirect()->route('garage.create', $part->value)->withInput($typed)->withErrors($problems);
        }
        $model->save();

        return redirect()->route('garage.edit', [$part->value, $model->id])->with('saved', 'Saved. Pair it in the garage, or start a job with it.');
    }

    public function copy(RigPart $part, int $id): RedirectResponse
    {
        $copy = PartModels::find($part, $id)->replicate(['mark', 'archived_at']);
        $copy->name = mb_substr("{$copy->name}, copy", 0, 80);
        $copy->save();

        return redirect()->route('garage.edit', [$part->value, $copy->id])->with('saved', 'Copied. Give it a name of its own.');
    }

    public function putAway(RigPart $part, int $id): RedirectResponse
    {
        $model = PartModels::find($part, $id);
        $model->putAway();

        return redirect()->back()->with('saved', "{$model->name} is archived; its jobs keep it.");
    }

    public function bringBack(RigPart $part, int $id): RedirectResponse
    {
        $model = PartModels::find($part, $id);
        $model->bringBack();

        return redirect()->back()->with('saved', "{$model->name} is at hand again.");
    }

    public function pair(Request $request): RedirectResponse
    {
        $draft = new PairDraft(array_filter($request->except(['_token']), is_string(...)));
        if ($draft->problems() !== []) {
            return redirect()->route('garage')->withInput()->withErrors($draft->problems());
        }
        $rig = $draft->rig();

        return redirect()->route('garage')->with('saved', "{$rig->vehicle->name} and {$rig->trailer->name} are paired.");
    }

    public function putRigAway(Rig $rig): RedirectResponse
    {
        $rig->putAway();

        return redirect()->route('garage')->with('saved', 'The rig is archived; its parts and jobs stay.');
    }

    public function bringRigBack(Rig $rig): RedirectResponse
    {
        $rig->bringBack();

        return redirect()->route('garage.away')->with('saved', 'The pair is at hand again.');
    }

    private function person(Request $request): User
    {
        /** @var User */
        return $request->user();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garage;

use App\Models\Rig;
use App\Models\User;
use App\Screens\Garage\PartForm;
use App\UseCases\Garage\PairDraft;
use App\UseCases\Garage\PartModels;
use App\Words\Text;
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

        return redirect()->route('garage.edit', [$part->value, $model->id])->with('saved', Text::of('screen.shelf.saved_pair_it_in_the'));
    }

    public function copy(RigPart $part, int $id): RedirectResponse
    {
        $copy = PartModels::find($part, $id)->replicate(['mark', 'archived_at']);
        $copy->name = mb_substr("{$copy->name}, copy", 0, 80);
        $copy->save();

        return redirect()->route('garage.edit', [$part->value, $copy->id])->with('saved', Text::of('screen.shelf.copied_give_it_a_name'));
    }

    public function putAway(RigPart $part, int $id): RedirectResponse
    {
        $model = PartModels::find($part, $id);
        $model->putAway();

        return redirect()->back()->with('saved', Text::of('screen.shelf.archived', ['name' => $model->name]));
    }

    public function bringBack(RigPart $part, int $id): RedirectResponse
    {
        $model = PartModels::find($part, $id);
        $model->bringBack();

        return redirect()->back()->with('saved', Text::of('screen.shelf.restored', ['name' => $model->name]));
    }

    public function pair(Request $request): RedirectResponse
    {
        $draft = new PairDraft(array_filter($request->except(['_token']), is_string(...)));
        if ($draft->problems() !== []) {
            return redirect()->route('garage')->withInput()->withErrors($draft->problems());
        }
        $rig = $draft->rig();

        return redirect()->route('garage')->with('saved', Text::of('screen.shelf.paired', ['vehicle' => $rig->vehicle->name, 'trailer' => $rig->trailer->name]));
    }

    public function putRigAway(Rig $rig): RedirectResponse
    {
        $rig->putAway();

        return redirect()->route('garage')->with('saved', Text::of('screen.shelf.the_rig_is_archived_its'));
    }

    public function bringRigBack(Rig $rig): RedirectResponse
    {
        $rig->bringBack();

        return redirect()->route('garage.away')->with('saved', Text::of('screen.shelf.the_pair_is_at_hand'));
    }

    private function person(Request $request): User
    {
        /** @var User */
        return $request->user();
    }
}

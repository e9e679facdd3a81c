<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garage;

use App\Http\Requests\Asked;
use App\Models\Rig;
use App\Screens\Garage\PartForm;
use App\UseCases\Garage\KeepPart;
use App\UseCases\Garage\PairDraft;
use App\UseCases\Garage\PartModels;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Yoke\Rig\Specification\RigPart;

/** What comes into the garage, is copied, put away and brought back. Nothing leaves it. */
final class Shelf
{
    public function create(Asked $request, RigPart $part): View
    {
        $model = PartModels::fresh($part);

        return view('garage.edit', [
            'part' => $part,
            'model' => $model,
            'form' => new PartForm($part, $model, $request->person()),
            'plan' => null,
        ]);
    }

    public function store(Asked $request, KeepPart $parts, RigPart $part): RedirectResponse
    {
        $model = PartModels::fresh($part);
        $typed = $request->typed();
        $problems = (new PartForm($part, $model, $request->person()))->fill($typed);
        if ($problems !== []) {
            return redirect()->route('garage.create', $part->value)->withInput($typed)->withErrors($problems);
        }
        $parts->added($request->person(), $part, $model);

        return redirect()
            ->route('garage.edit', [$part->value, $model->id])
            ->with('saved', Text::of('screen.shelf.saved_pair_it_in_the'));
    }

    public function copy(Asked $request, KeepPart $parts, RigPart $part, int $id): RedirectResponse
    {
        $copy = $parts->copied($request->person(), PartModels::find($part, $id));

        return redirect()
            ->route('garage.edit', [$part->value, $copy->id])
            ->with('saved', Text::of('screen.shelf.copied_give_it_a_name'));
    }

    public function putAway(Asked $request, RigPart $part, int $id): RedirectResponse
    {
        $model = PartModels::find($part, $id);
        $model->putAway();

        return redirect($request->from("/garage/{$part->value}"))->with(
            'saved',
            Text::of('screen.shelf.archived', ['name' => $model->name]),
        );
    }

    public function bringBack(Asked $request, RigPart $part, int $id): RedirectResponse
    {
        $model = PartModels::find($part, $id);
        $model->bringBack();

        return redirect($request->from("/garage/{$part->value}"))->with(
            'saved',
            Text::of('screen.shelf.restored', ['name' => $model->name]),
        );
    }

    public function pair(Asked $request): RedirectResponse
    {
        $draft = new PairDraft($request->typed());
        if ($draft->problems() !== []) {
            return redirect()->route('garage')->withInput($request->typed())->withErrors($draft->problems());
        }
        $rig = $draft->rig();

        return redirect()
            ->route('garage')
            ->with(
                'saved',
                Text::of('screen.shelf.paired', ['vehicle' => $rig->vehicle->name, 'trailer' => $rig->trailer->name]),
            );
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
}

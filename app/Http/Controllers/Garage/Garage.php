<?php

declare(strict_types=1);

namespace App\Http\Controllers\Garage;

use App\Http\Requests\Asked;
use App\Models\Hitch;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\Trailer;
use App\Models\Vehicle;
use App\Screens\Garage\Finder;
use App\Screens\Garage\PartCard;
use App\Screens\Garage\PartForm;
use App\Screens\Garage\Shelves;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Garage\KeepPart;
use App\UseCases\Garage\OpenJobs;
use App\UseCases\Garage\PartModels;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Yoke\CoreException;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Exception\ImpossibleRig;
use Yoke\Rig\Specification\RigPart;

/** Vehicles, trailers and hitches with their sheets, and the rigs that pair them. */
final class Garage
{
    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    /** Rigs drawn on one page. */
    private const A_PAGE = 12;

    private const LAST_PAGE = 100_000;

    public function index(Asked $request): View
    {
        $page = $request->whole('page', 1, self::LAST_PAGE);
        $rigs = Rig::atHand()
            ->with(['vehicle', 'trailer', 'hitch'])
            ->orderByDesc('id')
            ->skip(($page - 1) * self::A_PAGE)
            ->limit(self::A_PAGE + 1)
            ->get();

        return view('garage.index', [
            'rigs' => $rigs->take(self::A_PAGE),
            'page' => $page,
            'hasMore' => $rigs->count() > self::A_PAGE,
            'pickable' => array_map(
                fn (RigPart $part): array => PartModels::of($part)::atHand()
                    ->orderBy('name')
                    ->pluck('name', 'id')
                    ->all(),
                array_combine(array_column(RigPart::cases(), 'value'), RigPart::cases()),
            ),
        ]);
    }

    public function shelf(RigPart $part): View
    {
        return view('garage.shelf', ['part' => $part, 'cards' => PartCard::all($part, Shelves::AtHand)]);
    }

    /** Those at hand whose names hold what was typed, for the front door. */
    public function find(Asked $request, RigPart $part): JsonResponse
    {
        return response()->json(['found' => (new Finder($part, $request->person()))->like($request->text('like'))]);
    }

    public function away(): View
    {
        return view('garage.away', [
            'cards' => array_merge(
                ...array_map(fn (RigPart $part): array => PartCard::all($part, Shelves::Away), RigPart::cases()),
            ),
            'rigs' => Rig::away()
                ->with(['vehicle', 'trailer', 'hitch'])
                ->orderByDesc('archived_at')
                ->limit(60)
                ->get(),
        ]);
    }

    public function edit(Asked $request, RigPart $part, int $id): View
    {
        $model = PartModels::find($part, $id);

        return view('garage.edit', [
            'part' => $part,
            'model' => $model,
            'form' => new PartForm($part, $model, $request->person()),
            'plan' => $this->plan($request, $part, $model),
        ]);
    }

    /** What the typed sheet would mean: the rig drawn and planned again. Nothing is saved. */
    public function preview(Asked $request, RigPart $part, int $id): JsonResponse
    {
        $model = PartModels::find($part, $id);
        $problems = (new PartForm($part, $model, $request->person()))->fill($request->typed());
        $problems += $this->impossible($part, $model);
        $plan = $this->plan($request, $part, $model);

        return response()->json([
            'problems' => (object) $problems,
            'parts' => ['plan' => view('garage.plan', ['plan' => $plan])->render()],
        ]);
    }

    public function update(Asked $request, KeepPart $parts, RigPart $part, int $id): RedirectResponse
    {
        $model = PartModels::find($part, $id);
        $form = new PartForm($part, $model, $request->person());
        $problems = $form->fill($request->typed());
        $together = $this->impossible($part, $model);
        $form->leave(array_keys($together));
        $back = redirect()->route('garage.edit', [$part->value, $id]);
        if ($together !== [] && $this->impossible($part, $model) !== []) {
            return $back->withInput($request->typed())->withErrors($problems + $together);
        }
        if ($model->isDirty()) {
            $parts->changed($request->person(), $part, $model);
        }
        $problems += $together;

        return $problems === []
            ? $back->with('saved', Text::of('screen.garage.saved_open_jobs_with_it'))
            : $back
                ->with('saved', Text::of('screen.garage.saved_but'))
                ->withInput(array_intersect_key($request->typed(), $problems))
                ->withErrors($problems);
    }

    private function plan(Asked $request, RigPart $part, Vehicle|Trailer|Hitch $model): ?PlanPage
    {
        $rig = (new OpenJobs($part, $model))->rigs()->first()?->setRelation($part->value, $model);
        try {
            return $rig === null ? null : PlanPage::ofRig($rig, $request->person(), $this->analyses);
        } catch (CoreException) {
            return null;
        }
    }

    /** @return array<string, string> what no field alone can see */
    private function impossible(RigPart $part, Vehicle|Trailer|Hitch $model): array
    {
        $problems = new CollectProblems();
        foreach ((new OpenJobs($part, $model))->rigs() as $rig) {
            try {
                (new RigSnapshot(RigSnapshot::sheetOf($rig->setRelation($part->value, $model))))
                    ->specified()
                    ->check($problems);
            } catch (ImpossibleRig $impossible) {
                $field = collect($part->fields())
                    ->keys()
                    ->first(fn (string $key): bool => str_starts_with($key, $impossible->field()));
                $problems->found($field ?? 'name', $impossible->expected());
            }
        }

        return ExpectedWords::each($problems->all());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Weigh;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Screens\Loads\LoadsPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Loads\KeepLoads;
use App\UseCases\Loads\LoadDraft;
use App\Words\LoadWords;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;

/** The load planner: states of a rig's load, live while they are typed or dragged, and the setting kept for each. */
final class Loads
{
    public function __construct(private readonly JobAnalyses $analyses, private readonly KeepLoads $loads)
    {
    }

    public function show(Asked $request, Job $job, string $state = 'weighed'): View
    {
        $page = $this->page($request, $job, $state);
        /** @var array<array-key, mixed> $typed */
        $typed = (array) $request->old();

        return view(
            'loads.show',
            $this->shown($page, $typed === [] ? $page->kept($page->state) : $page->typed($typed)),
        );
    }

    /** What the draft would come to. Nothing is saved. */
    public function preview(Asked $request, Job $job, string $state): JsonResponse
    {
        $page = $this->page($request, $job, $state);
        $draft = $page->typed($request->except(['_token']));
        $shown = $this->shown($page, $draft);

        return response()->json([
            'problems' => (object) $draft->problems(),
            'parts' => [
                'drawing' => view('loads.drawing', $shown)->render(),
                'columns' => view('loads.columns', $shown)->render(),
            ] + ($request->boolean('rows') ? ['rows' => view('loads.rows', $shown)->render()] : []),
        ]);
    }

    public function store(Asked $request, Job $job, string $state): RedirectResponse
    {
        $page = $this->page($request, $job, $state);
        $draft = $page->typed($request->except(['_token']));
        $problems = $draft->problems() + $this->nameTaken($page, $draft);
        if ($problems !== []) {
            return redirect()
                ->route('loads', [$job, $state])
                ->withInput($request->except(['_token']))
                ->withErrors($problems);
        }
        $this->loads->kept($request->person(), $job, $page->state, $draft, $page->states[0]);

        return redirect()
            ->route('loads', [$job, $page->state->key()])
            ->with('saved', Text::of('expected.loads.saved'));
    }

    /** Another state, beginning as this one is kept. */
    public function copy(Asked $request, Job $job, string $state): RedirectResponse
    {
        $page = $this->page($request, $job, $state);
        $copy = $this->loads->copied($request->person(), $job, $page->state, $page->states[0]);

        return redirect()
            ->route('loads', [$job, $copy->key()])
            ->with('saved', Text::of('expected.loads.copied'));
    }

    /** The setting that goes with a state. */
    public function setting(Asked $request, Job $job, string $state): RedirectResponse
    {
        $page = $this->page($request, $job, $state);
        $setting = $page->settingOf($request->steps());
        if ($setting === null || ! $page->state->exists) {
            return redirect()
                ->route('loads', [$job, $state])
                ->withErrors(['name' => Text::of('screen.loads.expected_a_setting_that_this')]);
        }
        $this->loads->setting($request->person(), $job, $page->state, $setting);

        return redirect()
            ->route('loads', [$job, $state])
            ->with('saved', Text::of('expected.loads.setting', ['name' => LoadWords::state($page->state)]));
    }

    public function putAway(Asked $request, Job $job, string $state): RedirectResponse
    {
        $page = $this->page($request, $job, $state);
        abort_if($page->state->as_weighed, 404);
        $this->loads->putAway($request->person(), $job, $page->state);

        return redirect()
            ->route('loads', [$job, 'weighed'])
            ->with('saved', Text::of('screen.loads.archived_it_stays_in_the'));
    }

    /** @return array<string, mixed> what the views show; a load that no model can carry is said in a sentence */
    private function shown(LoadsPage $page, LoadDraft $draft): array
    {
        try {
            $columns = [
                'columns' => [
                    $page->column($page->beside, $page->state->is($page->beside) ? $draft : $page->kept($page->beside)),
                    $page->column($page->state, $draft),
                ],
                'impossible' => '',
            ];
        } catch (ImpossibleModel) {
            $columns = ['columns' => [], 'impossible' => Text::of('expected.loads.lifts_off')];
        }

        return ['page' => $page, 'draft' => $draft, ...$columns];
    }

    /** @return array<string, string> */
    private function nameTaken(LoadsPage $page, LoadDraft $draft): array
    {
        foreach ($page->states as $state) {
            if ($state !== $page->state && ! $page->state->as_weighed && $state->name === $draft->name) {
                return ['name' => Text::of('screen.loads.another_load_state_of_this')];
            }
        }

        return [];
    }

    private function page(Asked $request, Job $job, string $state): LoadsPage
    {
        $job->load(['rig.loadStates', 'liveReadings', 'rounds', 'measures', 'tickets', 'tongueReadings']);

        return new LoadsPage(
            $this->analyses->of($job),
            $request->person(),
            $state,
            $request->text('beside') ?: 'weighed',
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Screens\Loads;

use App\Models\Job;
use App\Models\LoadState;
use App\Models\User;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\JobAnalysis;
use App\UseCases\Loads\LoadDraft;
use App\UseCases\Tape\TapedHeights;
use App\Words\SettingWords;
use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Setting;
use Yoke\Advice\Policy;
use Yoke\CoreException;
use Yoke\Drawing\Elevation;
use Yoke\Drawing\LoadMark;
use Yoke\Estimation\Estimation;
use Yoke\Estimation\Posterior;
use Yoke\Loading\LoadChange;
use Yoke\Planning\LoadedState;
use Yoke\Readings\Height\HeightDoubt;
use Yoke\Rig\Rig;

/** The load planner of a job: one state as it is drafted, another beside it, and what both come to. */
final readonly class LoadsPage
{
    public PlanPage $plan;

    public Rig $rig;

    /** @var list<LoadState> the one as weighed first */
    public array $states;

    public LoadState $state;

    public LoadState $beside;

    private ?JobAnalysis $workup;

    public function __construct(public Job $job, private User $person, private HeightDoubt $doubt, string $state, string $beside)
    {
        $this->plan = PlanPage::ofJob($job, $person);
        $this->rig = $job->rigAsWorked()->core();
        $kept = $job->rig->loadStates->all();
        $this->states = array_values(array_filter($kept, static fn (LoadState $one): bool => $one->as_weighed)) === []
            ? [(new LoadState(['name' => LoadState::AS_WEIGHED, 'as_weighed' => true, 'rig_id' => $job->rig_id])), ...array_values($kept)]
            : array_values($kept);
        $this->state = $this->find($state) ?? abort(404);
        $this->beside = $this->find($beside) ?? $this->states[0];
        $this->workup = JobAnalysis::of($job, TapedHeights::saved($job, $this->rig, $doubt), app(Policy::class));
    }

    /** A state as it is kept, ready for its form. */
    public function kept(LoadState $state): LoadDraft
    {
        return LoadDraft::kept($this->rig, $this->plan->described->tanks(), $this->person, $state->name, $state->items, $state->fills);
    }

    /** @param  array<array-key, mixed>  $typed */
    public function typed(array $typed): LoadDraft
    {
        return LoadDraft::typed($this->rig, $this->plan->described->tanks(), $this->person, $typed);
    }

    /** What a draft of a state comes to; null where the hitch's family is not known. */
    public function column(LoadState $state, LoadDraft $draft): ?LoadColumn
    {
        $setting = $this->setting();
        $adjusters = $this->adjusters();
        $posterior = $this->posterior();
        if ($setting === null || $adjusters === null) {
            return null;
        }
        $worked = $this->job->rigAsWorked();
        $weighed = $state->as_weighed ? $draft : $this->kept($this->states[0]);
        $aboard = $worked->loadChange() === null ? $weighed->items() : $worked->aboard();
        $loaded = new LoadedState($this->plan->described, $posterior, LoadChange::between($aboard, $draft->items()), $adjusters, $this->workup?->reference() ?? $adjusters->middle(), $setting);

        return new LoadColumn($state, $loaded, $setting, $this->job, $this->workup?->trial, $this->words(), $this->plan->print);
    }

    /** The setting that the loads are weighed at: on the rig now, or handed over last, or first advised. */
    public function setting(): ?Setting
    {
        $found = $this->job->rig->found_setting['steps'] ?? null;

        $first = $this->plan->plan->firstSettings()[0] ?? null;

        return $this->workup?->trial->setting ?? $this->settingOf($found) ?? $first?->setting;
    }

    /** Where that setting comes from, in words. */
    public function settingFrom(): string
    {
        return match (true) {
            $this->workup?->trial !== null => 'as it is hooked up',
            isset($this->job->rig->found_setting['steps']) => 'as it was handed over last',
            default => 'as first advised; nothing is hooked up yet',
        };
    }

    /** @param  array<array-key, float|int>|null  $steps */
    public function settingOf(?array $steps): ?Setting
    {
        try {
            return $steps === null ? null : $this->adjusters()?->setting(array_map(floatval(...), $steps));
        } catch (CoreException) {
            return null;
        }
    }

    public function words(): SettingWords
    {
        return new SettingWords($this->plan->described);
    }

    public function elevation(): Elevation
    {
        return $this->plan->elevation();
    }

    /** @return array<int, LoadMark> by row, those that read */
    public function marks(LoadDraft $draft): array
    {
        $places = [];
        foreach ($draft->rows as $i => $row) {
            if ($row->item !== null) {
                $places[$i] = $draft->drawnAt($row->item);
            }
        }

        return $places === [] ? [] : array_combine(array_keys($places), LoadMark::rows(array_values($places)));
    }

    /** Behind the front axle, mm: where a tank stands in the drawing. */
    public function tankAt(float $ahead): float
    {
        return $this->elevation()->trailerAxlesX() - $ahead;
    }

    private function adjusters(): ?Adjusters
    {
        $described = $this->plan->described;

        return $described->family()?->hasBars() === true ? $described->adjusters() : null;
    }

    private function posterior(): Posterior
    {
        return $this->workup->posterior ?? (new Estimation($this->plan->described->prior(), []))->posterior();
    }

    private function find(string $key): ?LoadState
    {
        foreach ($this->states as $state) {
            if ($state->key() === $key) {
                return $state;
            }
        }

        return null;
    }
}

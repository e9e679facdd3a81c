<?php

declare(strict_types=1);

namespace App\Screens\Loads;

use App\Models\Job;
use App\Models\LoadState;
use App\Models\User;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Loads\LoadDraft;
use App\Words\SettingWords;
use App\Words\Text;
use Yoke\CoreException;
use Yoke\Job\Planning\LoadedState;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Stance;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Showing\Drawing\LoadMark;

/** The load planner of a job: one state as it is drafted, another beside it, and what both come to. */
final readonly class LoadsPage
{
    /** Heights under a load are drawn so much larger than they are. */
    private const MAGNIFIED = 5.0;

    public PlanPage $plan;

    public Rig $rig;

    /** @var list<LoadState> the one as weighed first */
    public array $states;

    public LoadState $state;

    public LoadState $beside;

    public Job $job;

    public function __construct(private AnalysedJob $analysed, private User $person, string $state, string $beside)
    {
        $job = $this->job = $analysed->job;
        $this->plan = PlanPage::ofJob($analysed, $person);
        $this->rig = $analysed->rig;
        $kept = $job->rig->loadStates->all();
        $this->states =
            array_values(array_filter($kept, static fn (LoadState $one): bool => $one->as_weighed)) === []
                ? [
                    new LoadState(['name' => LoadState::AS_WEIGHED, 'as_weighed' => true, 'rig_id' => $job->rig_id]),
                    ...array_values($kept),
                ]
                : array_values($kept);
        $this->state = $this->find($state) ?? abort(404);
        $this->beside = $this->find($beside) ?? $this->states[0];
    }

    /** A state as it is kept, ready for its form. */
    public function kept(LoadState $state): LoadDraft
    {
        return LoadDraft::kept(
            $this->rig,
            $this->plan->described->sheets->tanks(),
            $this->person,
            $state->name,
            $state->items,
            $state->fills,
        );
    }

    /** @param  array<array-key, mixed>  $typed */
    public function typed(array $typed): LoadDraft
    {
        return LoadDraft::typed($this->rig, $this->plan->described->sheets->tanks(), $this->person, $typed);
    }

    /** What a draft of a state comes to; null where the hitch's family is not known. */
    public function column(LoadState $state, LoadDraft $draft): ?LoadColumn
    {
        $setting = $this->setting();
        $adjusters = $this->adjusters();
        if ($setting === null || $adjusters === null) {
            return null;
        }
        $worked = $this->job->rigAsWorked();
        $weighed = $state->as_weighed ? $draft : $this->kept($this->states[0]);
        $aboard = $worked->loadChange() === null ? $weighed->items() : $worked->aboard();
        $loaded = new LoadedState(
            $this->plan->described,
            $this->analysed->posterior(),
            LoadChange::between($aboard, $draft->items()),
            $adjusters,
            $this->analysed->reference(),
            $setting,
        );

        return new LoadColumn(
            $state,
            $loaded,
            $setting,
            $this->analysed,
            $this->words(),
            $this->plan->print,
            $this->person,
        );
    }

    /** The setting that the loads are weighed at: on the rig now, or handed over last, or first advised. */
    public function setting(): ?Setting
    {
        return $this->analysed->statedSetting();
    }

    /** It, in words. */
    public function settingInWords(): string
    {
        $setting = $this->setting();

        return $setting === null || $this->analysed->isSettingUnsaid()
            ? Text::of('screen.loads_page.not_known')
            : $this->words()->of($setting);
    }

    /** Where that setting comes from, in words. */
    public function settingFrom(): string
    {
        return match (true) {
            $this->analysed->isSettingUnsaid() => Text::of('screen.loads_page.as_it_stands'),
            $this->analysed->current()?->setting !== null ||
                $this->analysed->isSettingKnown() => Text::of('screen.loads_page.as_hooked_up'),
            isset($this->job->rig->found_setting['steps']) => Text::of('screen.loads_page.as_handed_over'),
            default => Text::of('screen.loads_page.as_advised'),
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
        return new SettingWords($this->plan->described->sheets);
    }

    public function elevation(): Elevation
    {
        return $this->plan->drawing()->elevation();
    }

    /**
     * The rig as a load lets it stand carried, its heights drawn larger; as it is planned where that cannot be told.
     */
    public function elevationUnder(?LoadColumn $column): Elevation
    {
        if ($column === null) {
            return $this->elevation();
        }
        $heights = $this->plan->drawing()->heights();
        $rises = $column->rises();
        foreach (Axle::cases() as $axle) {
            $alone = $heights->at(Stance::Alone, $axle);
            $heights =
                $alone === null
                    ? $heights
                    : $heights->with(
                        Stance::Carried,
                        $axle,
                        HeightReading::exact($alone->height()->plus($rises[$axle->value])),
                    );
        }

        return new Elevation($this->analysed->rig, $heights, self::MAGNIFIED, $this->plan->drawing()->hitch());
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
        return $this->plan->described->sheets->adjusters();
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

<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\Job;
use App\Models\RigSnapshot;
use App\UseCases\Tape\TapedHeights;
use Yoke\CoreException;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Analysis\GoverningVerdict;
use Yoke\Job\Analysis\JobAnalysis;
use Yoke\Job\Analysis\MeasuredStances;
use Yoke\Job\Analysis\WorthKnowing;
use Yoke\Job\Planning\ForetoldHeights;
use Yoke\Job\Planning\LoadedState;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Job\Record\HistoryMapper;
use Yoke\Job\Record\SettingOffsets;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\LookOffer;
use Yoke\Judgement\Advice\Reason;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Measuring\Bars\TapedBars;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Posteriors;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Levelling;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Stance;

/** A job with everything its readings tell: described once, fitted once, asked by every page. */
final class AnalysedJob
{
    public readonly SpecifiedRig $described;

    public readonly Rig $rig;

    /** Null until the hitch's family is known. */
    public readonly ?Adjusters $adjusters;

    public readonly Goal $goal;

    private ?JobAnalysis $analysis = null;

    private ?JobProgress $progress = null;

    private ?RigPlan $plan = null;

    private ?LoadedState $stated = null;

    private readonly HistoryMapper $readings;

    /** What a scale found of it as it goes on the road, levelling or air on; null where nobody weighed it so. */
    public readonly ?RoadWeighing $road;

    /** What a scale found of the rig as it stands. */
    public readonly TicketSet $tickets;

    public function __construct(
        public readonly Job $job,
        public readonly RigSnapshot $worked,
        public readonly TapedHeights $taped,
        public readonly JobAnalyses $shop,
        private readonly Posteriors $fits,
    ) {
        $this->tickets = (new JobTickets($job))->set($shop->rules->priors->weighbridgeKg);
        $described = $this->weighed($worked->described($shop->rules->priors));
        $this->rig = $described->sheets->rig;
        $this->adjusters = $this->adjustersOf($described);
        $bars = $this->tapedBars();
        $described = $bars === null ? $described : $described->taped($bars);
        $reference = $this->adjusters === null ? null : $this->reference();
        $history = (new JobHistory($job, $described, $taped))->history();
        $this->road = RoadWeighing::of($job, $described, $this->tickets, $history);
        $this->readings = new HistoryMapper(
            $this->road?->history($described) ?? $history,
            $described->inPlace()->mapper($reference ?? Setting::of([])),
            $this->adjusters === null || $reference === null
                ? null
                : new SettingOffsets($this->adjusters, $reference, $this->rig->hitch->barArm->millimetres()),
            $this->rig->vehicle->wheelbase->millimetres(),
        );
        $this->described =
            $this->road?->standsAlone() === false
                ? $described->takingBack($this->road->factor($this->fitted($described), $this->current()))
                : $described;
        $this->goal = $this->described->goal($job->shopBand(), $job->method, $shop->rules->tolerances);
    }

    private function fitted(SpecifiedRig $described): Posterior
    {
        return $this->fits->posterior($this->priorOf($described), $this->readings->observations());
    }

    /** What can be set; nothing is planned with what stands nobody knows where, at the setting that is on. */
    private function adjustersOf(SpecifiedRig $described): ?Adjusters
    {
        $adjusters = $described->sheets->adjusters();
        try {
            $on = $this->job->settingOf($this->job->roundOf(Stance::Carried));

            return $on === null ? $adjusters : $adjusters?->notKnowing($adjusters->recorded($on)->unknown());
        } catch (CoreException) {
            return $adjusters;
        }
    }

    private function priorOf(SpecifiedRig $described): RigPrior
    {
        return $this->readings->prior($described->prior(), $this->shop->rules->priors->tensionUnknownMm);
    }

    /** The rig as tickets found it; as its sheets have it where they do not tell, or could not be. */
    private function weighed(SpecifiedRig $described): SpecifiedRig
    {
        try {
            return $described->weighed($this->tickets);
        } catch (CoreException) {
            return $described;
        }
    }

    /**
     * The bars as they were taped last before anything was coupled; null where nobody did, or the hitch has no such
     * setting any more.
     */
    private function tapedBars(): ?TapedBars
    {
        $taping = $this->job->barTapings->last();
        $heights = $taping?->heights();
        $setting = $this->settingOf($taping->setting ?? []);

        return $heights === null || $setting === null ? null : new TapedBars($heights, $setting);
    }

    /**
     * What lifts the rear again on the road, a key of lang's verdict: `levelling` or `air`; null where nothing does.
     */
    public function lifter(): ?string
    {
        return $this->described->sheets->levellingLoss() === null
            ? null
            : ($this->described->sheets->levelling() === Levelling::None
                ? 'air'
                : 'levelling');
    }

    public function analysis(): JobAnalysis
    {
        if ($this->analysis === null) {
            $current = $this->readings->current();
            $observations = $this->readings->observations();
            $this->analysis = new JobAnalysis(
                $this->priorOf($this->described),
                $observations,
                $this->goal,
                $this->shop->rules->stopping,
                $this->adjusters === null
                    ? null
                    : $this->described->settings($this->reference())?->notKnowing($current?->setting?->unknown() ?? []),
                $current,
                $this->fits,
            );
        }

        return $this->analysis;
    }

    public function posterior(): Posterior
    {
        return $this->analysis()->posterior();
    }

    public function plan(): RigPlan
    {
        return $this->plan ??= new RigPlan(
            $this->described,
            $this->goal,
            $this->shop->rules->stopping,
            $this->posterior(),
            $this->tickets,
        );
    }

    /**
     * The setting that loads are told at: the one that is on, its own reference where nobody said which; else as it was
     * handed over last, else as a first one is advised.
     */
    public function statedSetting(): ?Setting
    {
        if ($this->isSettingUnsaid()) {
            return $this->reference();
        }
        $on = $this->setting($this->job->roundOf(Stance::Carried)) ?? $this->current()?->setting;
        $left = $this->settingOf(array_map(floatval(...), $this->job->rig->found_setting['steps'] ?? []));

        return $on ?? ($left ?? $this->plan()->firstMove()?->forecast->setting);
    }

    /** @return list<RatedLoad> loads against ratings, as everything that was read tells them */
    public function ledger(): array
    {
        return $this->stated()?->ledger($this->tickets) ?? $this->plan()->ledger();
    }

    /** Taped heights, with the stances that are not taped yet as they are foretold. */
    public function filledIn(StanceHeights $taped): StanceHeights
    {
        return (new ForetoldHeights($this->dropped(), $this->carried()))->filledIn($taped);
    }

    /** How the rig stands as everything that was read tells it; null for the vehicle alone. */
    public function attitude(Stance $stance): ?Attitude
    {
        return match ($stance) {
            Stance::Alone => null,
            Stance::Dropped => $this->dropped(),
            Stance::Carried => $this->carried(),
        };
    }

    public function dropped(): Attitude
    {
        return $this->stated()?->dropped() ?? $this->plan()->dropped();
    }

    /** At the stated setting; as planned where nobody knows what can be set. */
    public function carried(): Attitude
    {
        return $this->stated()?->carried() ?? $this->plan()->carried();
    }

    /** At the stated setting; null where nobody knows what can be set. */
    private function stated(): ?LoadedState
    {
        $setting = $this->statedSetting();

        return $setting === null || $this->adjusters === null
            ? null
            : ($this->stated ??= new LoadedState(
                $this->described,
                $this->posterior(),
                LoadChange::between([], []),
                $this->adjusters,
                $this->reference(),
                $setting,
            ));
    }

    /** The hook-up that is on; null while nothing was read carried. */
    public function current(): ?CurrentSetting
    {
        return $this->readings->current();
    }

    /** Whether anything was read in a carried round, by whatever instrument. */
    public function isReadCarried(int $round): bool
    {
        return $this->readings->isRead($round);
    }

    /** Whether anything at all was read. */
    public function isRead(): bool
    {
        return $this->readings->observations() !== [];
    }

    /** The setting that was recorded last, while nothing was read at it yet; null otherwise. */
    public function unread(): ?Setting
    {
        $round = $this->job->roundOf(Stance::Carried);

        return $this->isReadCarried($round) ? null : $this->setting($round);
    }

    /** Of the rig as it stands: none while another setting is on than was read. */
    public function verdict(): ?GoverningVerdict
    {
        return $this->unread() === null ? $this->analysis()->verdict() : null;
    }

    /** As the share has to be when it is measured: raised from the first minute where something lifts the rear. */
    public function rangeNow(): TargetRange
    {
        return $this->verdict()->range ?? ($this->lifter() === null ? $this->goal->band : $this->plan()->rangeBefore());
    }

    public function measured(): MeasuredStances
    {
        return $this->analysis()->measured();
    }

    /** The next move; a return visit is hooked up first where it was left, as long as nothing forbids that. */
    public function recommendation(): ?Recommendation
    {
        $advised = $this->analysis()->recommendation();
        $unread = $this->unread();
        $toRead = $unread === null ? null : $advised?->toReadAt($unread);
        if ($toRead !== null) {
            return $toRead;
        }
        $start = $this->current() === null ? $this->start() : null;
        if ($advised === null || $start === null) {
            return $advised;
        }
        foreach ($advised->ranking as $forecast) {
            if ($forecast->isOpen() && $forecast->setting->equals($start)) {
                return new Recommendation(Action::Set, Reason::AsLeft, $forecast, $advised->present, $advised->ranking);
            }
        }

        return $advised;
    }

    /** How far the job has come. */
    public function progress(): JobProgress
    {
        return $this->progress ??= new JobProgress($this);
    }

    /** @return list<LookOffer> what can be looked at, what saves most for its minutes first; none once handed over */
    public function looks(): array
    {
        return $this->job->handed_over_at !== null
            ? []
            : $this->analysis()->looks(
                $this->shop->rules->looks,
                $this->shop->rules->priors->tensionTapedMm,
                $this->described
                    ->inPlace()
                    ->mapper($this->adjusters === null ? Setting::of([]) : $this->reference())
                    ->tensionDoubtByGap(),
            );
    }

    /** @return list<WorthKnowing> what was assumed, the most useful to know first */
    public function worthKnowing(): array
    {
        return $this->analysis()->worthKnowing($this->described->assumptions());
    }

    /** The middle of everything; the head where it was at the first hook-up. Only of a hitch whose family is known. */
    public function reference(): Setting
    {
        $adjusters = $this->adjusters ?? throw new \LogicException('Only a hitch of a known family has settings.');
        $first = $this->setting(1);
        $middle = $adjusters->middle();
        foreach ($adjusters->all() as $adjuster) {
            $isHead = $adjuster->role === Role::HeadHeight && ! $adjuster->isUnknown;
            if ($first !== null && $isHead && $first->knows($adjuster->key)) {
                return $middle->with($adjuster->key, $first->step($adjuster->key));
            }
        }

        return $middle;
    }

    /** The setting of a hook-up; null where nobody wrote it down, or the hitch has no such setting any more. */
    public function setting(int $hookUp): ?Setting
    {
        return $this->settingOf($this->job->settingOf($hookUp) ?? []);
    }

    /**
     * A setting by its steps; null where this hitch has no such one.
     *
     * @param  array<string, float|null>  $steps
     */
    public function settingOf(array $steps): ?Setting
    {
        try {
            return $steps === [] ? null : $this->adjusters?->recorded($steps);
        } catch (CoreException) {
            return null;
        }
    }

    /**
     * A setting that somebody tries: what nobody knows of the one that is on stays.
     *
     * @param  array<string, float|null>  $steps
     */
    public function tried(array $steps): ?Setting
    {
        $on = $this->setting($this->job->roundOf(Stance::Carried));

        return $steps === [] ? null : $this->settingOf([...array_fill_keys($on?->unknown() ?? [], null), ...$steps]);
    }

    /** Where a return visit starts; null on a first one, and where nobody knows all of it. */
    public function start(): ?Setting
    {
        $start = $this->settingOf(array_map(floatval(...), $this->job->start['steps'] ?? []));

        return $start?->unknown() === [] ? $start : null;
    }

    /** Tension over that of the reference setting, mm. */
    public function tensionOffset(Setting $setting): float
    {
        return $this->adjusters?->tensionBetween(
            $this->reference(),
            $setting,
            $this->rig->hitch->barArm->millimetres(),
        ) ?? 0.0;
    }

    /** Ball over its height at the reference setting, mm. */
    public function ballOffset(Setting $setting): float
    {
        return $this->adjusters?->ballHeightBetween($this->reference(), $setting)->millimetres() ?? 0.0;
    }

    /** A fender's height carried at a setting. */
    public function height(Setting $setting, Axle $axle): Normal
    {
        return $this->posterior()->carriedHeight($axle, $this->tensionOffset($setting), $this->ballOffset($setting));
    }

    /** @return array<string, Normal> where the fenders that were taped would stand carried at a setting, mm, by axle */
    public function expectedHeights(Setting $setting): array
    {
        $heights = [];
        foreach ($this->isForetold($setting) ? $this->taped->axles() : [] as $axle) {
            $heights[$axle->value] = $this->height($setting, $axle);
        }

        return $heights;
    }

    /** Whether anything can be foretold of a setting: not where it holds what nobody knows, and nobody read at it. */
    public function isForetold(Setting $setting): bool
    {
        return array_diff($setting->unknown(), $this->current()?->setting?->unknown() ?? []) === [];
    }

    /** Whether the carried rig was read and nobody said at which setting, on a hitch that has settings. */
    public function isSettingUnsaid(): bool
    {
        return $this->adjusters !== null && $this->current() !== null && $this->current()->setting === null;
    }

    /** Whether somebody wrote down which setting is on. */
    public function isSettingKnown(): bool
    {
        return $this->setting($this->job->roundOf(Stance::Carried)) !== null;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip;

use Yoke\Job\Planning\LoadedState;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Stance;

/** Works out what a rig that was set up asks under other loads: with the small adjuster alone. */
final readonly class TripAnswers
{
    /** Standing at the set-up. */
    private Attitude $setUp;

    /**
     * @param  Adjusters|null  $adjusters  null on a plain ball
     * @param  Setting  $reference  whose tension the posterior knows
     * @param  Setting  $on  that the rig was handed over with
     * @param  TicketSet  $tickets  what a scale found at that setting, under the load that everything was read at
     */
    public function __construct(
        private SpecifiedRig $rig,
        private Posterior $posterior,
        private ?Adjusters $adjusters,
        private Setting $reference,
        private Setting $on,
        private Goal $goal,
        private StoppingRules $policy,
        private TicketSet $tickets,
    ) {
        $asSetUp = $this->loaded(LoadChange::between([], []), $on);
        $this->setUp = $adjusters === null ? $asSetUp->dropped() : $asSetUp->carried();
    }

    public function table(TripGrid $grid): TripTable
    {
        $entries = [];
        for ($place = 0; $place < $grid->count(); $place++) {
            $entries[] = $this->of($grid->change($grid->load($place)));
        }

        return new TripTable($grid, $entries === [] ? [$this->of(LoadChange::between([], []))] : $entries);
    }

    /** What one load asks. */
    public function of(LoadChange $change): TripEntry
    {
        try {
            return $this->adjusters === null
                ? $this->onTheBall($this->loaded($change, $this->on))
                : $this->withBars($change);
        } catch (ImpossibleModel) {
            return new TripEntry(TripOutcome::LiftsOff, [], 0.0, null, null, new TongueShare(0.0), 0.0, 0.0, []);
        }
    }

    private function withBars(LoadChange $change): TripEntry
    {
        $adjusters = $this->adjusters ?? Adjusters::of();
        $advised = $this->loaded($change, $this->on)->smallMove($this->goal, $this->policy);
        $isMove = $advised->action === Action::Set;
        $setting = $isMove ? $advised->forecast->setting : $this->on;
        $state = $this->loaded($change, $setting);
        $carried = $state->carried();
        $outcome = match (true) {
            $advised->action === Action::Cannot => TripOutcome::BeyondSmallSteps,
            $isMove && ! $setting->equals($this->on) => TripOutcome::Moves,
            default => TripOutcome::Stays,
        };

        return $this->entry(
            $outcome,
            $setting,
            $adjusters->tensionBetween($this->on, $setting, $this->posterior->prior()->known()->barArm),
            $advised->forecast->chance,
            $state->restored()->mean(),
            $state,
            $carried,
            $this->in($state, Stance::Carried, $setting->equals($this->on)),
        );
    }

    private function onTheBall(LoadedState $state): TripEntry
    {
        return $this->entry(
            TripOutcome::NoBars,
            null,
            0.0,
            null,
            null,
            $state,
            $state->dropped(),
            $this->in($state, Stance::Dropped, true),
        );
    }

    /** @return list<RatedLoad> in the stance that the rig is towed in */
    private function in(LoadedState $state, Stance $stance, bool $isAsHandedOver): array
    {
        return array_values(
            array_filter(
                $state->ledger($isAsHandedOver && $state->isAsRead() ? $this->tickets : TicketSet::none()),
                static fn (RatedLoad $line): bool => $line->stance === null || $line->stance === $stance,
            ),
        );
    }

    /** @param  list<RatedLoad>  $ledger */
    private function entry(
        TripOutcome $outcome,
        ?Setting $setting,
        float $tension,
        ?float $chance,
        ?float $share,
        LoadedState $state,
        Attitude $stands,
        array $ledger,
    ): TripEntry {
        $alone = $state->aloneRise();
        $outside = array_values(array_filter($ledger, static fn (RatedLoad $line): bool => $line->isOutside()));
        $isOver = array_filter($outside, static fn (RatedLoad $line): bool => $line->isOver()) !== [];

        return new TripEntry(
            $isOver ? TripOutcome::OverRating : $outcome,
            $setting?->steps() ?? [],
            $tension,
            $chance,
            $share,
            $state->tongueShare(),
            $alone['front']->plus($stands->frontRise())->minus($this->setUp->frontRise())->millimetres(),
            $alone['rear']->plus($stands->rearRise())->minus($this->setUp->rearRise())->millimetres(),
            $outside,
        );
    }

    private function loaded(LoadChange $change, Setting $setting): LoadedState
    {
        return new LoadedState(
            $this->rig,
            $this->posterior,
            $change,
            $this->adjusters ?? Adjusters::of(),
            $this->reference,
            $setting,
        );
    }
}

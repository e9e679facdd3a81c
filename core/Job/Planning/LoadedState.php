<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\RecheckLog;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;

/**
 * A rig as its readings tell it, with a change of load on board: what it comes to at a setting, and the small move that
 * mends it.
 */
final readonly class LoadedState
{
    private SpecifiedRig $rig;

    private Posterior $posterior;

    private CoupledRig $likely;

    /**
     * @param  Setting  $reference  whose tension the posterior knows
     * @param  Setting  $stays  that is on
     *
     * @throws ImpossibleModel when such a load lifts the tongue off the ball
     */
    public function __construct(
        SpecifiedRig $rig,
        Posterior $posterior,
        private LoadChange $change,
        private Adjusters $adjusters,
        private Setting $reference,
        private Setting $stays,
    ) {
        $this->rig = $rig->loaded($change);
        $this->posterior = $posterior->loaded($change);
        $raise = $adjusters->ballHeightBetween($reference, $stays)->millimetres();
        $this->likely = $this->posterior->variants($raise)[0]->rig;
    }

    /** Whether it is the load that everything was read under. */
    public function isAsRead(): bool
    {
        return $this->change->isNone();
    }

    /** Of the trailer. */
    public function gross(): Load
    {
        return Load::ofKilograms($this->likely->trailer()->weight);
    }

    /** Level, kg. */
    public function tongueWeight(): Normal
    {
        return $this->posterior->predict(
            static fn (CoupledRig $rig): float => $rig->trailer()->tongueWeight,
            $this->raise(),
        );
    }

    public function tongueShare(): TongueShare
    {
        return new TongueShare($this->tongueWeight()->mean() / $this->gross()->kilograms());
    }

    public function dropped(): Attitude
    {
        return $this->likely->dropped();
    }

    /** At the setting that is on. */
    public function carried(): Attitude
    {
        return $this->likely->carried($this->tension());
    }

    /** Of the front axle load that this load takes off bars off, the share restored at the setting that is on. */
    public function restored(): Normal
    {
        $tensionOffset = $this->tensionOffset();

        $taut = $this->posterior->predict(
            static fn (CoupledRig $rig, float $tension): float => $rig
                ->taut($tension + $tensionOffset)
                ->frontRestored(),
            $this->raise(),
        );

        return Normal::of(max(0.0, $taut->mean()), $taut->deviation());
    }

    /**
     * How far the fenders of the vehicle alone stand from where they were taped.
     *
     * @return array{front: Length, rear: Length}
     */
    public function aloneRise(): array
    {
        $vehicle = $this->vehicle();

        return ['front' => $this->change->frontRise($vehicle), 'rear' => $this->change->rearRise($vehicle)];
    }

    /**
     * @param  TicketSet  $tickets  of this load, carried at this setting
     * @return list<RatedLoad> dropped and carried; a line that is the same in both stands once
     */
    public function ledger(TicketSet $tickets): array
    {
        return (new RigLedger($this->rig, $tickets))->lines($this->dropped(), $this->carried());
    }

    /** The next move with what is small alone: no washer, and the head stays, for a load that changed. */
    public function smallMove(Goal $goal, StoppingRules $policy): Recommendation
    {
        $settings = new HitchSettings($this->adjusters, $this->reference, $this->rig->constraints());

        return (new Advisor($settings->smallAbout($this->stays), $goal, $policy->unread()))->advise(
            $this->posterior,
            $this->stays,
            RecheckLog::carriedTimes($policy->readings),
        );
    }

    /** Before and after levelling or air springs take over; null on a rig without them. */
    public function takeBack(): ?LevellingTakeBack
    {
        return $this->rig->takeBack($this->likely);
    }

    public function tension(): float
    {
        return $this->posterior->tension() + $this->tensionOffset();
    }

    private function vehicle(): TowVehicle
    {
        return $this->likely->vehicle();
    }

    private function tensionOffset(): float
    {
        return $this->adjusters->tensionBetween(
            $this->reference,
            $this->stays,
            $this->posterior->prior()->known()->barArm,
        );
    }

    private function raise(): float
    {
        return $this->adjusters->ballHeightBetween($this->reference, $this->stays)->millimetres();
    }
}

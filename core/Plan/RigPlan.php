<?php

declare(strict_types=1);

namespace Yoke\Plan;

use Yoke\Balance\Attitude;
use Yoke\Balance\CoupledRig;
use Yoke\Fit\KnownRig;
use Yoke\Fit\RigPrior;
use Yoke\Limits\Ledger;
use Yoke\Limits\RatedLoad;
use Yoke\Measure\Angle;
use Yoke\Measure\Gaussian;
use Yoke\Measure\Length;
use Yoke\Method\Band;
use Yoke\Rig\Axle;
use Yoke\Rig\Levelling;
use Yoke\Rig\Stance;
use Yoke\Tape\HeightReading;
use Yoke\Tape\StanceHeights;

/**
 * What is known of a set-up before a bar goes on. Predictions are for the ball as it stands; where nobody measured it,
 * for the ball as advised.
 */
final readonly class RigPlan
{
    private const USUAL_FENDER_MM = 900.0;

    private RigPrior $prior;

    private Gaussian $ballAdvised;

    public function __construct(private DescribedRig $rig, private Band $band)
    {
        $this->prior = $rig->prior();
        $this->ballAdvised = (new BallHeight($this->prior))->forCarried($band->middle(), Angle::zero());
    }

    /** Unloaded ball over level coupler so that the trailer ends level when carried, mm. */
    public function ballAdvised(): Gaussian
    {
        return $this->ballAdvised;
    }

    /** @return list<School> */
    public function schools(): array
    {
        return (new BallHeight($this->prior))->schools();
    }

    public function dropped(): Attitude
    {
        return $this->likelyRig()->dropped();
    }

    /** As aimed at: the middle of the band. */
    public function carried(): Attitude
    {
        $rig = $this->likelyRig();

        return $rig->carried($rig->tensionFor($this->band->middle()));
    }

    /** @return list<RatedLoad> dropped and carried; a line that is the same in both stands once */
    public function ledger(): array
    {
        $ledger = new Ledger($this->rig->ratings(), $this->rig->alone());
        $lines = [];
        foreach (['dropped' => $this->dropped(), 'carried' => $this->carried()] as $stance => $attitude) {
            foreach ($ledger->lines($attitude, $stance, KnownRig::BARS) as $line) {
                $lines[$line->what] = $line;
            }
        }

        return array_values($lines);
    }

    /** @return list<FirstChance> best first; none while the hitch's family is not known */
    public function firstSettings(): array
    {
        $adjusters = $this->rig->adjusters();

        return $adjusters === null
            ? []
            : (new FirstSetting($this->prior, $adjusters, $adjusters->middle(), $this->band, $this->ballRaise()))->ranked();
    }

    /** The three stances' fender heights as predicted, without doubt, for drawing: from a usual height alone. */
    public function heights(): StanceHeights
    {
        $exact = static fn (float $rise): HeightReading => HeightReading::of(Length::ofMillimetres(self::USUAL_FENDER_MM + $rise), 0.0, 0.0, 0.0);
        $heights = StanceHeights::none()->with(Stance::Alone, Axle::Front, $exact(0.0))->with(Stance::Alone, Axle::Rear, $exact(0.0));
        foreach ([[Stance::Dropped, $this->dropped()], [Stance::Carried, $this->carried()]] as [$stance, $attitude]) {
            $heights = $heights->with($stance, Axle::Front, $exact($attitude->frontRise()))->with($stance, Axle::Rear, $exact($attitude->rearRise()));
        }

        return $heights;
    }

    /** The share of front axle load that self-levelling takes back when it is switched on again; 0 without it. */
    public function takenBack(): float
    {
        if ($this->rig->levelling() === Levelling::None) {
            return 0.0;
        }
        $rig = $this->likelyRig();

        return (new LevellingTakeBack($rig, $this->rig->levelling()))->lost($rig->tensionFor($this->band->middle()));
    }

    private function likelyRig(): CoupledRig
    {
        return $this->prior->likelyRig($this->ballRaise());
    }

    /** From the ball as the prior has it to the ball as it is predicted for, mm. */
    private function ballRaise(): float
    {
        return $this->rig->ballOverCoupler() === null ? $this->ballAdvised->mean() - $this->prior->known()->ballOverCoupler : 0.0;
    }
}

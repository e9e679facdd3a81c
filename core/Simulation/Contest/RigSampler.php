<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Adjuster\Adjuster;
use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Role;
use Yoke\Adjuster\StepRange;
use Yoke\Estimation\AxleGroup;
use Yoke\Estimation\KnownRig;
use Yoke\Estimation\RigDimension;
use Yoke\Estimation\RigPrior;
use Yoke\Estimation\SharedDoubts;
use Yoke\Probability\LogNormal;
use Yoke\Probability\Normal;
use Yoke\Rig\Suspension;
use Yoke\Simulation\RandomSource;
use Yoke\Statics\Bars;
use Yoke\Statics\CoupledRig;
use Yoke\Statics\TowedTrailer;
use Yoke\Statics\TowVehicle;

/** Draws the contest's rigs (docs/model.md, Simulated rigs). */
final readonly class RigSampler
{
    /** Bars come in these ratings, kg. */
    private const RATINGS = [270.0, 360.0, 450.0, 550.0, 640.0];

    /** The middles of what is drawn, and their doubts: what a yard that knows its rigs starts from. */
    private const FRONT_RATE = [12.8, 0.33];

    private const REAR_RATE = [10.8, 0.25];

    private const CG_MM = [480.0, 0.35];

    private const TRAILER_RATE = [54.0, 0.27];

    /** Doubt of the ball over the coupler, both taped, mm. */
    private const BALL_MM = 3.0;

    private const BAR_BEND_MM = 84.0;

    /** Doubts of a tension taped and not taped, mm. */
    private const TAPED_MM = 6.0;

    private const NOT_TAPED_MM = 25.0;

    /** @param  float  $barDoubt  of a bar's rate about its rating, as a share */
    public function __construct(private RandomSource $random, private float $barDoubt)
    {
    }

    public function draw(int $seed): SampledRig
    {
        $random = $this->random;
        $length = $random->between(3800, 6400);
        $gross = $random->between(1350, 4300);
        $tongue = $gross * $random->between(0.10, 0.15);
        $group = $random->between(0, 5) < 1 ? AxleGroup::unequalised(2, $random->between(700, 950)) : AxleGroup::equalised();
        $rating = $this->rating($tongue);
        $known = new KnownRig($random->between(2900, 4100), $random->between(1150, 1750), $length, $group, $gross * exp($random->normal(0.04)), $random->between(600, 790), $random->between(0, 45), new SharedDoubts([RigDimension::BallOverCoupler->value => self::BALL_MM]));
        $truth = new CoupledRig(
            new TowVehicle($known->wheelbase, $known->overhang, $random->between(7, 22), $random->between(7, 16)),
            new TowedTrailer($length, $gross, $tongue, $random->between(200, 760), $group->axles($random->between(32, 80))),
            new Bars(KnownRig::BARS, $rating / $random->between(66, 107), $known->barArm, $known->ballOverCoupler),
        );
        $pitch = $random->between(25, 30);
        $tension = $truth->tensionFor(0.75) + $random->between(-2.2, 2.2) * $pitch;
        $taped = $random->between(0, 3) < 2;
        $leaf = $random->between(0, 10) < 6;

        return new SampledRig(
            $truth,
            $tension,
            ['front' => $random->between(750, 1050), 'rear' => $random->between(750, 1050)],
            ['front' => $random->between(15, 40), 'rear' => $leaf ? $random->between(40, 110) : $random->between(15, 40)],
            ['front' => Suspension::Coil, 'rear' => $leaf ? Suspension::Leaf : Suspension::Coil],
            Adjusters::of(
                Adjuster::of('link', Role::Tension, $pitch, new StepRange(0, 8), 6)->withHalfSteps(),
                Adjuster::of('washer', Role::Tilt, deg2rad($random->between(0.8, 1.2)), new StepRange(0, 6), 30),
            ),
            $this->told($known, $tongue, $rating, $tension, $taped ? self::TAPED_MM : self::NOT_TAPED_MM),
            $seed,
        );
    }

    private function told(KnownRig $known, float $tongue, float $rating, float $tension, float $tensionDoubt): RigPrior
    {
        $doubt = [0.03, 0.02, 0.12][(int) $this->random->between(0, 3)];
        $weighed = $tongue * exp($this->random->normal($doubt));

        return new RigPrior($known, [
            new LogNormal(...self::FRONT_RATE),
            new LogNormal(...self::REAR_RATE),
            new LogNormal($weighed, $doubt),
            new LogNormal(...self::TRAILER_RATE),
            new LogNormal(...self::CG_MM),
            new LogNormal($rating / self::BAR_BEND_MM, $this->barDoubt),
        ], Normal::of($tension + $this->random->normal($tensionDoubt), $tensionDoubt));
    }

    /** The smallest at or above the tongue weight, kg. */
    private function rating(float $tongue): float
    {
        foreach (self::RATINGS as $rating) {
            if ($rating >= $tongue) {
                return $rating;
            }
        }

        return self::RATINGS[count(self::RATINGS) - 1];
    }
}

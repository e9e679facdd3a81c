<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Record\BarStiffness;
use Yoke\Job\Record\ReferenceTension;
use Yoke\Job\Record\RigSheets;
use Yoke\Job\Record\SheetPrior;
use Yoke\Job\Record\UsualRig;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Prior\SharedDoubts;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Proving\Simulation\RandomSource;
use Yoke\Proving\Simulation\World\Mishaps;
use Yoke\Proving\Simulation\World\SpringLaw;
use Yoke\Proving\Simulation\World\Trouble;
use Yoke\Proving\Simulation\World\TrueHitch;
use Yoke\Proving\Simulation\World\TrueRig;
use Yoke\Proving\Simulation\World\TrueSetUp;
use Yoke\Proving\Simulation\World\TrueVehicle;
use Yoke\Proving\Simulation\World\World;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\StepRange;
use Yoke\Rig\Parts\Suspension;

/**
 * Draws the contest's rigs (docs/model.md, Simulated rigs and The harder world), and tells of each what a job with the
 * same
 * facts would be told of it: the same priors with the same doubts.
 */
final readonly class RigSampler
{
    /** Bars come in these ratings, kg. */
    private const RATINGS = [270.0, 360.0, 450.0, 550.0, 640.0];

    public function __construct(
        private RandomSource $random,
        private PriorDoubts $doubts,
        private World $world = World::Plain,
        private Trouble $trouble = new Trouble(),
    ) {
    }

    public function draw(int $seed): SampledRig
    {
        $random = $this->random;
        $size = $this->world->size();
        $length = $random->between(3800, 6400);
        $gross = $random->between(1350, 4300);
        $tongue = $gross * $random->between(0.1, 0.15);
        $isUnequalised = $random->between(0, 5) < 1;
        $group = $isUnequalised ? AxleGroup::unequalised(2, $random->between(700, 950)) : AxleGroup::equalised();
        $rating = $this->rating($tongue);
        $known = new KnownRig(
            $random->between(2900, 4100),
            $random->between(1150, 1750),
            $length,
            $group,
            $gross * exp($random->normal(0.04)),
            $random->between(600, 790),
            $random->between(0, 45),
            new SharedDoubts([RigDimension::BallOverCoupler->value => $this->doubts->ballOverCouplerTapedMm]),
        );
        $rates = ['front' => $random->between(7, 22), 'rear' => $random->between(7, 16)];
        $trailer = new TowedTrailer(
            $length,
            $gross,
            $tongue,
            $random->between(200, 760),
            $this->axles($group, $isUnequalised, $random->between(32, 80)),
        );
        $bend = $this->world->barBend();
        $bars = new Bars(
            KnownRig::BARS,
            $rating / $random->between($bend->low, $bend->high),
            $known->barArm + $this->typed(15.0),
            $known->ballOverCoupler,
        );
        [$wheelbase, $overhang] = [$known->wheelbase + $this->typed(20.0), $known->overhang + $this->typed(15.0)];
        $pitch = $random->between(25, 30);
        $aim = new CoupledRig(new TowVehicle($wheelbase, $overhang, $rates['front'], $rates['rear']), $trailer, $bars);
        $tension = $aim->tensionFor(0.75) + $random->between(-2.2, 2.2) * $pitch;
        $isTaped = $random->between(0, 3) < 2;
        $isLeaf = $random->between(0, 10) < 6;
        $tilt = deg2rad($random->between(0.8, 1.2));
        $rig = new TrueRig($this->vehicle($wheelbase, $overhang, $rates), $trailer, $this->hitch($bars, $rating));
        $truePitch = $pitch + 2.0 * $size * $random->between(0.75, 1.5) * $this->either();
        $truth = new TrueSetUp(
            $rig,
            $bars->arm,
            $tension,
            self::adjusters($truePitch, $tilt),
            ['front' => $random->between(750, 1050), 'rear' => $random->between(750, 1050)],
            [
                'front' => $random->between(15, 40),
                'rear' => $isLeaf ? $random->between(40, 110) : $random->between(15, 40),
            ],
            ['front' => Suspension::Coil, 'rear' => $isLeaf ? Suspension::Leaf : Suspension::Coil],
        );
        $told = $this->told(
            $known,
            $tongue,
            $rating,
            $tension,
            $isTaped ? $this->doubts->tensionTapedMm : $this->doubts->tensionNotTapedMm,
        );

        return new SampledRig(
            $truth,
            Mishaps::drawn($this->world, $this->trouble, $random),
            self::adjusters($pitch, $tilt),
            $told,
            $seed,
        );
    }

    private static function adjusters(float $pitch, float $tilt): Adjusters
    {
        return Adjusters::of(
            Adjuster::of('link', Role::Tension, $pitch, new StepRange(0, 8), 6)->withHalfSteps(),
            Adjuster::of('washer', Role::Tilt, $tilt, new StepRange(0, 6), 30),
        );
    }

    /** @param  array{front: float, rear: float}  $rates */
    private function vehicle(float $wheelbase, float $overhang, array $rates): TrueVehicle
    {
        $random = $this->random;
        $size = $this->world->size();
        $hardening = [$size * $random->between(0.15, 0.4), $size * $random->between(0.15, 0.4)];
        $hasHelper = $random->between(0, 1) < $size;
        [$helper, $weight, $above] = [
            $random->between(25, 45),
            $random->between(1700, 3200),
            $random->between(50, 200),
        ];
        $isBent = $size > 0.0;

        return new TrueVehicle(
            $wheelbase,
            $overhang,
            new SpringLaw($rates['front'], $hardening[0]),
            new SpringLaw($rates['rear'], $hardening[1], $hasHelper ? $helper : INF, 0.6),
            $isBent ? $weight : 0.0,
            $isBent ? 650.0 : 0.0,
            $isBent ? $above : 0.0,
        );
    }

    private function hitch(Bars $bars, float $rating): TrueHitch
    {
        $random = $this->random;
        $size = $this->world->size();
        [$chain, $lean] = [$random->between(120, 250), $random->between(-30, 30)];
        $play = $this->world === World::Moderate ? $random->between(1.5, 5.0) : $random->between(3.0, 8.0);
        $flex = deg2rad($this->world === World::Moderate ? 0.2 : 0.3) * $bars->arm;

        return $size === 0.0 ? new TrueHitch($bars) : new TrueHitch($bars, $chain, $lean, $play, $flex / $rating);
    }

    /** @return non-empty-list<array{offset: float, rate: float}> partly equalised where the world is harder */
    private function axles(AxleGroup $group, bool $isUnequalised, float $rate): array
    {
        $off = $this->world->trailerRate();
        $rate *= exp($this->random->between(log($off->low), log($off->high)));
        $part = 1.0 - 0.5 * $this->world->size() * $this->random->between(0, 1);
        if ($isUnequalised) {
            return array_map(
                static fn (array $axle): array => ['offset' => $axle['offset'] * sqrt($part), 'rate' => $axle['rate']],
                $group->axles($rate),
            );
        }

        return $group->axles($rate);
    }

    private function told(KnownRig $known, float $tongue, float $rating, float $tension, float $tensionDoubt): RigPrior
    {
        $doubt = [0.03, 0.02, 0.12][(int) $this->random->between(0, 3)];
        $weighed = $tongue * exp($this->random->normal($doubt));
        $weighed *=
            $this->random->between(0, 1) < $this->world->wrongTongueOdds()
                ? 1.0 + $this->either() * $this->world->wrongTongue()
                : 1.0;

        $sheets = new RigSheets(
            $known,
            new LogNormal(...UsualRig::FRONT_RATE),
            new LogNormal(...UsualRig::REAR_RATE),
            new LogNormal($weighed, $doubt),
            UsualRig::CG_ABOVE_AXLE_MM,
            BarStiffness::ofRating($rating),
            ReferenceTension::told(Normal::of($tension + $this->random->normal($tensionDoubt), $tensionDoubt)),
        );

        return (new SheetPrior($this->doubts, LearnedPriors::of([])))->of($sheets, null);
    }

    /** How far a length is typed wrong, mm. */
    private function typed(float $most): float
    {
        return $most * ($this->world === World::Moderate ? 0.6 : $this->world->size()) * $this->either();
    }

    private function either(): float
    {
        return $this->random->between(0, 2) < 1 ? -1.0 : 1.0;
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

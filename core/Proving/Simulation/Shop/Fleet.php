<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Shop;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Experience\Subject;
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
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Prior\SharedDoubts;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Proving\Simulation\Contest\SampledRig;
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
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\VehicleClass;

/**
 * The rigs that come to one simulated shop: some vehicles and some kinds of hitches again and again, each with its own
 * truth, as far from what is usual as the textbook expects (docs/model.md, The simulated shop).
 */
final class Fleet
{
    private const VEHICLES = 40;

    private const HITCHES = 20;

    private const RATINGS = [270.0, 360.0, 450.0, 550.0, 640.0];

    /**
     * How far rates lie from their class, in the logarithm: the class here, a vehicle in it, one rig of that vehicle.
     */
    private const RATES = [0.15, 0.2, 0.06];

    /** How far a middle setting's tension lies from usual, mm: everywhere in this shop, on one hitch, at one rig. */
    private const TENSION_MM = [8.0, 21.0, 9.0];

    /** @var list<array{VehicleClass, float, float, float, float}> class, wheelbase, overhang, front and rear rate */
    private array $vehicles = [];

    /** @var list<array{float, float, float, float}> bend at rating, tension off, pitch, tilt */
    private array $hitches = [];

    public function __construct(private readonly RandomSource $random, private readonly PriorDoubts $doubts)
    {
        $classes = [];
        foreach (VehicleClass::cases() as $class) {
            $classes[$class->value] = [$random->normal(self::RATES[0]), $random->normal(self::RATES[0])];
        }
        for ($i = 0; $i < self::VEHICLES; $i++) {
            $class = VehicleClass::cases()[$i % count(VehicleClass::cases())];
            $this->vehicles[] = [
                $class,
                $random->between(2900, 4100),
                $random->between(1150, 1750),
                $class->rideRate(Axle::Front) * exp($classes[$class->value][0] + $random->normal(self::RATES[1])),
                $class->rideRate(Axle::Rear) * exp($classes[$class->value][1] + $random->normal(self::RATES[1])),
            ];
        }
        $off = $random->normal(self::TENSION_MM[0]);
        for ($i = 0; $i < self::HITCHES; $i++) {
            $this->hitches[] = [
                $random->between(66, 107),
                $off + $random->normal(self::TENSION_MM[1]),
                $random->between(25, 30),
                deg2rad($random->between(0.8, 1.2)),
            ];
        }
    }

    /**
     * The next rig: its truth, and what is told of it by the textbook and by what the shop has learned.
     *
     * @param  \Closure(Subject): LearnedPriors  $learned
     */
    public function next(int $seed, HowTaped $taped, \Closure $learned): ShopRig
    {
        $random = $this->random;
        [$v, $h] = [(int) $random->between(0, self::VEHICLES), (int) $random->between(0, self::HITCHES)];
        [$class, $wheelbase, $overhang, $front, $rear] = $this->vehicles[$v];
        [$bend, $off, $pitch, $tilt] = $this->hitches[$h];
        [$length, $gross, $arm, $ball] = [
            $random->between(3800, 6400),
            $random->between(1350, 4300),
            $random->between(600, 790),
            $random->between(0, 45),
        ];
        $tongue = $gross * $random->between(0.1, 0.15);
        $rating = $this->rating($tongue);
        $rates = [
            'front' => $front * exp($random->normal(self::RATES[2])),
            'rear' => $rear * exp($random->normal(self::RATES[2])),
        ];
        $trailer = new TowedTrailer(
            $length,
            $gross,
            $tongue,
            $random->between(200, 760),
            AxleGroup::equalised()->axles($random->between(32, 80)),
        );
        $doubt = [0.03, 0.02, 0.12][(int) $random->between(0, 3)];
        $weighed = $tongue * exp($random->normal($doubt));
        $known = new KnownRig(
            $wheelbase,
            $overhang,
            $length,
            AxleGroup::equalised(),
            $gross * exp($random->normal(0.04)),
            $arm,
            $ball,
            new SharedDoubts([RigDimension::BallOverCoupler->value => $this->doubts->ballOverCouplerTapedMm]),
        );
        $subject = Subject::of($class->value, 'links', 'any', "vehicle {$v}", "hitch {$h}", "trailer {$seed}");
        $textbook = $this->prior($known, $class, new LogNormal($weighed, $doubt), $rating, LearnedPriors::of([]));
        $bars = new Bars(KnownRig::BARS, $rating / $bend, $arm, $ball);
        $tension = $textbook->likely(RigParameter::Tension->value) + $off + $random->normal(self::TENSION_MM[2]);
        $told = $this->prior($known, $class, new LogNormal($weighed, $doubt), $rating, $learned($subject));
        $read = $tension + $random->normal($this->doubts->tensionTapedMm);
        $told =
            $taped === HowTaped::Taped ? $told->withTension(Normal::of($read, $this->doubts->tensionTapedMm)) : $told;
        $isLeaf = $class->rearSuspension() === Suspension::Leaf;
        $adjusters = self::adjusters($pitch, $tilt);
        $truth = new TrueSetUp(
            new TrueRig(
                new TrueVehicle(
                    $wheelbase,
                    $overhang,
                    new SpringLaw($rates['front'], 0.0),
                    new SpringLaw($rates['rear'], 0.0, INF, 0.6),
                    0.0,
                    0.0,
                    0.0,
                ),
                $trailer,
                new TrueHitch($bars),
            ),
            $arm,
            $tension,
            $adjusters,
            ['front' => $random->between(750, 1050), 'rear' => $random->between(750, 1050)],
            [
                'front' => $random->between(15, 40),
                'rear' => $isLeaf ? $random->between(40, 110) : $random->between(15, 40),
            ],
            ['front' => Suspension::Coil, 'rear' => $isLeaf ? Suspension::Leaf : Suspension::Coil],
        );

        return new ShopRig(
            $subject,
            $textbook,
            new SampledRig($truth, Mishaps::drawn(World::Plain, Trouble::none(), $random), $adjusters, $told, $seed),
        );
    }

    private function prior(
        KnownRig $known,
        VehicleClass $class,
        LogNormal $tongue,
        float $rating,
        LearnedPriors $learned,
    ): RigPrior {
        $sheets = new RigSheets(
            $known,
            new LogNormal($class->rideRate(Axle::Front), $this->doubts->rideRate),
            new LogNormal($class->rideRate(Axle::Rear), $this->doubts->rideRate),
            $tongue,
            UsualRig::CG_ABOVE_AXLE_MM,
            BarStiffness::ofRating($rating),
            ReferenceTension::usual(0.0, $this->doubts->tensionNotTapedMm),
        );

        return (new SheetPrior($this->doubts, $learned))->of($sheets, null);
    }

    private static function adjusters(float $pitch, float $tilt): Adjusters
    {
        return Adjusters::of(
            Adjuster::of('link', Role::Tension, $pitch, new StepRange(0, 8), 6)->withHalfSteps(),
            Adjuster::of('washer', Role::Tilt, $tilt, new StepRange(0, 6), 30),
        );
    }

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

<?php

declare(strict_types=1);

use Tests\Core\Choice\TrailerLoad;
use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Choice\BarChoice;
use Yoke\Job\Choice\BarObjection;
use Yoke\Job\Choice\BarRange;
use Yoke\Job\Choice\Exception\ImpossibleBars;
use Yoke\Job\Choice\Season;
use Yoke\Job\Record\UsualRig;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Specification\SpecificationSheet;

function linksAndWashers(float $pitch = 27.5): Adjusters
{
    $measures = new HitchMeasures($pitch);

    return Adjusters::of($measures->link()->withHalfSteps(), $measures->tilt('washer'));
}

/** @param  LogNormal  $tongue  kg */
function priorOf(
    LogNormal $tongue,
    float $gross = 3000.0,
    float $overhang = 1450.0,
    float $arm = 700.0,
    float $length = 5000.0,
): RigPrior {
    return new RigPrior(
        new KnownRig(3500.0, $overhang, $length, AxleGroup::equalised(), $gross, $arm, 20.0),
        [
            new LogNormal(...UsualRig::FRONT_RATE),
            new LogNormal(...UsualRig::REAR_RATE),
            $tongue,
            new LogNormal(($gross - $tongue->value) / UsualRig::TRAILER_SINK_MM, 0.35),
            new LogNormal(480.0, 0.35),
            new LogNormal($tongue->value / UsualRig::BAR_BEND_MM, 0.25),
        ],
        Normal::of(0.0, 25.0),
    );
}

it('suggests the bars whose range the tongue weight stays in all year', function (
    float $tongue,
    array $light,
    array $heavy,
    float $rating,
): void {
    $known = new LogNormal($tongue, 0.02);
    $ranked = (new BarChoice(
        priorOf($known),
        Season::of($known, Length::ofMillimetres(5000.0), TrailerLoad::of(...$light), TrailerLoad::of(...$heavy)),
        linksAndWashers(),
        TargetRange::usual(),
        new Yoke\Measuring\Estimation\Prior\PriorDoubts(),
    ))->ranked(...BarRange::usual());

    expect($ranked)
        ->toHaveCount(7)
        ->and($ranked[0]->bars->heaviest->pounds())
        ->toEqualWithDelta($rating, 1e-6)
        ->and($ranked[0]->chance)
        ->toBeGreaterThan(0.9)
        ->and($ranked[0]->objections)
        ->not->toContain(BarObjection::TooLight);
})->with([
    'one load, in the middle of several' => [330.0, [], [], 800.0],
    'a tank ahead of the axles lifts it' => [330.0, [], [[120.0, 1500.0]], 1000.0],
    'water behind takes off' => [250.0, [[140.0, -1500.0]], [], 600.0],
    'a heavy tongue' => [600.0, [], [], 1400.0],
]);

it('says of every pair what speaks against it, and leaves none out', function (): void {
    $known = new LogNormal(330.0, 0.02);
    $ranked = (new BarChoice(
        priorOf($known),
        Season::of($known, Length::ofMillimetres(5000.0), TrailerLoad::of()),
        linksAndWashers(),
        TargetRange::usual(),
        new Yoke\Measuring\Estimation\Prior\PriorDoubts(),
    ))->ranked(...BarRange::usual());
    $against = [];
    foreach ($ranked as $candidate) {
        $against[(int) round($candidate->bars->heaviest->pounds())] = $candidate->objections;
    }

    expect($against[400])
        ->toContain(BarObjection::TooLight)
        ->and($against[600])
        ->toContain(BarObjection::TooLight)
        ->and($against[800])
        ->toBe([])
        ->and($against[1400])
        ->not->toContain(BarObjection::TooLight)
        ->and($against[1700])
        ->toContain(BarObjection::TooHeavy)
        ->and($against[400])
        ->not->toContain(BarObjection::TooHeavy);
});

it('sees bars bent past their rating on a short arm behind a long overhang', function (): void {
    $known = new LogNormal(355.0, 0.001);
    $season = Season::of($known, Length::ofMillimetres(3800.0), TrailerLoad::of());
    $bars = BarRange::of(Load::ofKilograms(180.0), Load::ofKilograms(360.0));
    $short = (new BarChoice(
        priorOf($known, overhang: 1900.0, arm: 400.0, length: 3800.0),
        $season,
        linksAndWashers(),
        TargetRange::usual(),
        new Yoke\Measuring\Estimation\Prior\PriorDoubts(),
    ))->ranked($bars)[0];
    $usual = (new BarChoice(
        priorOf($known),
        $season,
        linksAndWashers(),
        TargetRange::usual(),
        new Yoke\Measuring\Estimation\Prior\PriorDoubts(),
    ))->ranked($bars)[0];

    expect($short->objections)
        ->toContain(BarObjection::BentPastRating)
        ->and($usual->objections)
        ->not->toContain(BarObjection::BentPastRating)
        ->and($short->chance)
        ->toBeLessThan($usual->chance);
});

it('calls a step coarse that moves more than half the range', function (): void {
    $known = new LogNormal(150.0, 0.02);
    $season = Season::of($known, Length::ofMillimetres(5000.0), TrailerLoad::of());
    $stiff = BarRange::of(Load::ofKilograms(100.0), Load::ofKilograms(700.0));
    $soft = BarRange::of(Load::ofKilograms(100.0), Load::ofKilograms(200.0));
    [$first, $second] = (new BarChoice(
        priorOf($known, 1200.0),
        $season,
        linksAndWashers(),
        TargetRange::usual(),
        new Yoke\Measuring\Estimation\Prior\PriorDoubts(),
    ))->ranked($stiff, $soft);

    expect($first->bars)
        ->toBe($soft)
        ->and($second->objections)
        ->toContain(BarObjection::CoarseSteps)
        ->and($second->step)
        ->toBeGreaterThan($first->step);
});

it('is as unsure of the year as the tongue weight is known', function (): void {
    $bars = BarRange::of(Load::ofKilograms(200.0), Load::ofKilograms(400.0));
    $weighed = Season::of(new LogNormal(300.0, 0.02), Length::ofMillimetres(5000.0), TrailerLoad::of(), TrailerLoad::of([100.0, 2000.0]));
    $guessed = Season::of(new LogNormal(300.0, 0.12), Length::ofMillimetres(5000.0), TrailerLoad::of(), TrailerLoad::of([100.0, 2000.0]));

    expect($weighed->lightestTongue()->kilograms())
        ->toEqualWithDelta(300.0, 1e-9)
        ->and($weighed->heaviestTongue()->kilograms())
        ->toEqualWithDelta(340.0, 1e-9)
        ->and($weighed->chanceHeld($bars))
        ->toBeGreaterThan(0.99)
        ->and($guessed->chanceHeld($bars))
        ->toBeLessThan(0.95)
        ->and($guessed->chanceOver($bars))
        ->toEqualWithDelta(1.0 - Normal::of(log(300.0), 0.12)->chanceBelow(log(360.0)), 1e-12);
});

it('refuses bars that hold nothing, and knows none where a sheet gives no rating', function (): void {
    expect(fn () => BarRange::of(Load::ofKilograms(300.0), Load::ofKilograms(300.0)))
        ->toThrow(ImpossibleBars::class)
        ->and(fn () => BarRange::of(Load::ofKilograms(-1.0), Load::ofKilograms(300.0)))
        ->toThrow(ImpossibleBars::class)
        ->and(BarRange::ofHitch(new SpecificationSheet([])))
        ->toBeNull()
        ->and(BarRange::ofHitch(new SpecificationSheet(['bar_rating_low_kg' => 400.0, 'bar_rating_high_kg' => 300.0])))
        ->toBeNull()
        ->and(BarRange::ofHitch(new SpecificationSheet(['bar_rating_high_kg' => 300.0]))?->lightest->kilograms())
        ->toBe(0.0);
});

/** A rig of the simulation with its year: what is true, what is told of it. */
final readonly class YearOfARig
{
    public function __construct(
        public CoupledRig $truth,
        public RigPrior $told,
        public Season $season,
        public float $bend,
        public float $pitch,
        public float $off,
    ) {
    }

    public static function drawn(SeededSource $random): self
    {
        $length = $random->between(3800, 6400);
        $gross = $random->between(1350, 4300);
        $tongue = $gross * $random->between(0.1, 0.15);
        [$overhang, $arm] = [$random->between(1150, 1750), $random->between(600, 790)];
        $doubt = [0.03, 0.02, 0.12][(int) $random->between(0, 3)];
        $told = $tongue * exp($random->normal($doubt));
        $tank = [$random->between(40, 120), $random->between(-0.2, 0.35) * $length];
        $bikes = [$random->between(0, 40), -$random->between(0.2, 0.5) * $length];
        $truth = new CoupledRig(
            new TowVehicle(3500.0, $overhang, $random->between(7, 22), $random->between(7, 16)),
            new TowedTrailer($length, $gross, $tongue, $random->between(200, 760), [
                ['offset' => 0.0, 'rate' => $random->between(32, 80)],
            ]),
            new Bars(2, 5.0, $arm, $random->between(0, 45)),
        );

        return new self(
            $truth,
            priorOf(new LogNormal($told, $doubt), $gross * exp($random->normal(0.04)), $overhang, $arm, $length),
            Season::of(
                new LogNormal($told, $doubt),
                Length::ofMillimetres($length),
                TrailerLoad::of(),
                TrailerLoad::of($tank),
                TrailerLoad::of($bikes),
                TrailerLoad::of($tank, $bikes),
            ),
            $random->between(66, 107),
            $random->between(25, 30),
            $random->between(-2.2, 2.2),
        );
    }

    public function holds(BarRange $bars): bool
    {
        $tongue = array_map(fn (LoadChange $load): float => $load->on($this->truth)->trailer()->tongueWeight, [
            $this->season->lightest,
            $this->season->heaviest,
        ]);

        return $tongue[0] >= $bars->lightest->kilograms() && $tongue[1] <= $bars->heaviest->kilograms();
    }

    /**
     * Whether some setting restores the front axle into the range in the lightest and the heaviest load state, within
     * the bars' rating.
     */
    public function reaches(BarRange $bars): bool
    {
        $known = $this->truth->bars();
        $rig = new CoupledRig(
            $this->truth->vehicle(),
            $this->truth->trailer(),
            new Bars(2, $bars->heaviest->kilograms() / $this->bend, $known->arm, $known->ballOverCoupler),
        );
        $adjusters = linksAndWashers($this->pitch);
        $middle = $rig->tensionFor(0.75) + $this->off * $this->pitch;
        foreach ([$this->season->lightest, $this->season->heaviest] as $load) {
            $loaded = $load->on($rig);
            $fits = array_filter($adjusters->settings(), static function ($setting) use (
                $loaded,
                $adjusters,
                $middle,
                $known,
                $bars,
            ): bool {
                $carried = $loaded->carried(
                    $middle + $adjusters->tensionBetween($adjusters->middle(), $setting, $known->arm),
                );

                return $carried->frontRestored() >= 0.5 &&
                    $carried->frontRestored() <= 1.0 &&
                    $carried->barLoad()->kilograms() / 2 <= $bars->heaviest->kilograms();
            });
            if ($fits === []) {
                return false;
            }
        }

        return true;
    }
}

it('suggests bars that hold all year and reach the range on nearly every rig', function (int $seed): void {
    $random = new SeededSource($seed);
    [$good, $claimed] = [0, 0.0];
    for ($i = 0; $i < 300; $i++) {
        $rig = YearOfARig::drawn($random);
        $suggested = (new BarChoice(
            $rig->told,
            $rig->season,
            linksAndWashers($rig->pitch),
            TargetRange::usual(),
            new Yoke\Measuring\Estimation\Prior\PriorDoubts(),
        ))->ranked(...BarRange::usual())[0];
        $good += $rig->holds($suggested->bars) && $rig->reaches($suggested->bars) ? 1 : 0;
        $claimed += $suggested->chance;
    }

    expect($good / 300)
        ->toBeGreaterThanOrEqual(0.98)
        ->and(abs($claimed - $good) / 300)
        ->toBeLessThan(0.03);
})->with([4711, 1906, 77]);

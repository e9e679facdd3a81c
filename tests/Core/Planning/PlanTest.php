<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Planning\Described;
use Tests\Core\Statics\RigMaker;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\HeightTerms;
use Yoke\Job\Planning\LevellingTakeBack;
use Yoke\Job\Planning\RigPlan;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Head\BallHeight;
use Yoke\Judgement\Head\BallHeightRule;
use Yoke\Judgement\Head\Shank;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Judgement\Head\TailClearance;
use Yoke\Judgement\Head\TrailerLevelling;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Parts\Axle;

it('puts the ball where the trailer ends as wanted', function (float $degrees, ?AxleGroup $axles): void {
    $prior = Priors::rig(axles: $axles);
    $advised = (new BallHeight($prior))->forCarried(0.75, Angle::ofDegrees($degrees));
    $rig = $prior->likelyRig($advised->mean() - $prior->known()->ballOverCoupler);

    expect(rad2deg($rig->carried($rig->tensionFor(0.75))->trailerPitch))
        ->toEqualWithDelta($degrees, 1e-6)
        ->and($advised->deviation())
        ->toBeGreaterThan(1.0)
        ->toBeLessThan(30.0);
})->with([
    'level' => [0.0, null],
    'slightly nose-down' => [-0.4, null],
    'level on unequalised axles' => [0.0, AxleGroup::unequalised(2, 860.0)],
]);

it('agrees with the closed form for a level trailer', function (): void {
    $rig = Priors::rig()->likelyRig();
    [$vehicle, $trailer] = [$rig->vehicle(), $rig->trailer()];
    [$wheelbase, $overhang, $length] = [$vehicle->wheelbase, $vehicle->overhang, $trailer->ballToAxle];
    $moment = ($trailer->tongueWeight * $overhang) / (1 + $overhang / $length);
    $load = $trailer->tongueWeight - $moment / $length;
    $front = ($moment - $overhang * $load) / $wheelbase;
    $rear = $load - $front;
    $closed =
        $rear / $vehicle->rearRate +
        ($overhang / $wheelbase) * ($rear / $vehicle->rearRate - $front / $vehicle->frontRate) -
        $moment / ($length * $trailer->groupRate());

    expect((new BallHeight(Priors::rig()))->forCarried(1.0, Angle::zero())->mean())->toEqualWithDelta($closed, 1e-6);
});

it('derives the ball height from terms that add up', function (?AxleGroup $axles): void {
    $height = new BallHeight(Priors::rig(axles: $axles));
    $terms = $height->derivation(0.75);
    $value = fn (int $i): float => $terms[$i]->comesTo instanceof Load
        ? $terms[$i]->comesTo->kilograms()
        : $terms[$i]->comesTo->millimetres();

    expect($terms)
        ->toHaveCount(9)
        ->and($value(8))
        ->toEqualWithDelta($height->forCarried(0.75, Angle::zero())->mean(), 1e-6)
        ->and($value(8))
        ->toEqualWithDelta($value(6) - $value(7), 1e-9)
        ->and($value(4))
        ->toEqualWithDelta($value(3) / 9.1, 1e-9)
        ->and($value(5))
        ->toEqualWithDelta(($value(3) - $value(2)) / 12.4, 1e-9)
        ->and($value(7))
        ->toEqualWithDelta(($value(0) - $value(2)) / 52.0, 1e-9)
        ->and($value(6))
        ->toEqualWithDelta($value(4) + (($value(5) + $value(4)) * 1340) / 3720, 1e-9)
        ->and($terms[1]->with)
        ->toBe(['share' => 0.75])
        ->and($terms[4]->with)
        ->toBe(['rate' => 9.1]);
})->with(['equalised' => null, 'own springs' => AxleGroup::unequalised(2, 860.0)]);

it('names the other schools beside it', function (): void {
    $schools = (new BallHeight(Priors::rig()))->schools();

    expect($schools[0]->lowest->millimetres())
        ->toEqualWithDelta(26.8, 1e-9)
        ->and(array_map(fn (BallHeightRule $school): bool => $school->holds(Length::ofMillimetres(26.8)), $schools))
        ->toBe([true, false, false, false, true]);
});

it('says which way and how far to jack the trailer', function (
    float $front,
    float $rear,
    float $move,
    bool $level,
): void {
    $levelling = new TrailerLevelling(
        Length::ofMillimetres($front),
        Length::ofMillimetres($rear),
        Length::ofMillimetres(3000),
        Length::ofMillimetres(5100),
    );

    expect($levelling->couplerMove()->millimetres())
        ->toEqualWithDelta($move, 1e-9)
        ->and($levelling->levelCouplerHeight(Length::ofMillimetres(500))->millimetres())
        ->toEqualWithDelta(500 + $move, 1e-9)
        ->and($levelling->isLevel())
        ->toBe($level)
        ->and($levelling->pitch()->isNegative())
        ->toBe($front < $rear);
})->with([
    'nose-down: coupler up' => [480, 510, 51.0, false],
    'nose-up: coupler down' => [510, 480, -51.0, false],
    'level' => [495, 495, 0.0, true],
    'level enough' => [495, 497, 3.4, true],
]);

it('ranks the places of the head by what is left of the wanted height', function (): void {
    $shank = new Shank(Length::ofMillimetres(20), Length::ofMillimetres(32), 4, Length::ofMillimetres(60));
    $clear = new TailClearance(Length::ofMillimetres(300), null, null);
    $places = $shank->places(Length::ofMillimetres(480), Length::ofMillimetres(430), $clear);
    $best = $places[0];

    expect($places)
        ->toHaveCount(8)
        ->and([$best->turned, $best->hole, $best->holesVisible])
        ->toBe(['drop', 2.0, 1])
        ->and($best->ballHeight->millimetres())
        ->toBe(428.0)
        ->and($best->residual()->millimetres())
        ->toBe(-2.0)
        ->and(array_map(fn (ShankPlace $place): float => $place->residual()->absolute()->millimetres(), $places))
        ->toBe([2.0, 30.0, 34.0, 66.0, 110.0, 142.0, 174.0, 206.0]);
    foreach ($places as $place) {
        expect(array_sum(array_map(fn (Term $term): float => $term->comesTo->millimetres(), $place->terms)))
            ->toEqualWithDelta($place->ballHeight->millimetres(), 1e-9)
            ->and($place->inTheWay)
            ->toBe([])
            ->and($place->receiverOverBall()->isNegative())
            ->toBe($place->turned === 'rise');
    }
});

it('knows what levelling takes back', function (): void {
    foreach (RigMaker::random(60) as [$rig]) {
        $tension = $rig->tensionFor(0.9);
        $rear = new LevellingTakeBack($rig, LevellingLoss::ofTheRear());

        expect($rear->lost($tension))
            ->toBeGreaterThan(0.0)
            ->and($rear->left($tension) + $rear->lost($tension))
            ->toEqualWithDelta(0.9, 1e-9)
            ->and(LevellingLoss::ofAllCorners()->on($rig)->carried($tension)->frontRise()->millimetres())
            ->toEqualWithDelta(0.0, 1e-9);
    }
});

it('asks for more before the levelling is on again, by what it takes', function (): void {
    $plan = new RigPlan(Described::of(['levelling' => 'rear']), usualGoal(), new Yoke\Judgement\Advice\StoppingRules());

    expect($plan->rangeBefore()->from)
        ->toEqualWithDelta(min(0.5 + $plan->takenBack(), 0.9), 1e-9)
        ->toBeGreaterThan(0.5)
        ->and($plan->rangeBefore()->to)
        ->toBe(1.0)
        ->and((new RigPlan(Described::of(), usualGoal(), new Yoke\Judgement\Advice\StoppingRules()))->rangeBefore()->from)
        ->toBe(0.5);
});

it('knows what air springs take back: more the more they lift, and nothing where they do neither', function (): void {
    foreach (RigMaker::random(40) as [$rig]) {
        $tension = $rig->tensionFor(0.9);
        $lost = array_map(fn (float $lift): float => LevellingLoss::ofAir(3.0, $lift)->lost($rig, $tension), [
            0.0,
            20.0,
            45.0,
        ]);

        expect($lost[1])
            ->toBeGreaterThan($lost[0])
            ->and($lost[2])
            ->toBeGreaterThan($lost[1])
            ->and(LevellingLoss::ofAir(0.0, 0.0)->lost($rig, $tension))
            ->toEqualWithDelta(0.0, 1e-12)
            ->and(LevellingLoss::ofAir(-4.0, 0.0)->lost($rig, $tension))
            ->toEqualWithDelta(0.0, 1e-12);
    }
    $stances = (new LevellingTakeBack($rig, LevellingLoss::ofTheRear()))->stances($tension);
    expect($stances['off']->frontRestored())
        ->toEqualWithDelta(0.9, 1e-9)
        ->and($stances['on']->frontRestored())
        ->toBeLessThan(0.9)
        ->and($stances['on']->barLoad()->kilograms())
        ->toBeLessThan($stances['off']->barLoad()->kilograms());
});

/** A plan of a tall tandem with chains, as far as its specification says. */
function chainPlan(array $hitch = [], ?Posterior $posterior = null): RigPlan
{
    return new RigPlan(
        Described::of(
            [],
            ['tongue_weight_kg' => 402],
            ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 550, ...$hitch],
        ),
        usualGoal(),
        new StoppingRules(),
        $posterior,
    );
}

it('derives a first setting: tensions that add up, doubts by parameter', function (): void {
    $plan = chainPlan();
    $forecast = $plan->firstMove()->ranking[3];
    $terms = $plan->settingTerms($forecast);
    $tension = array_sum(
        array_map(
            fn (Term $term): float => $term->comesTo instanceof Length ? $term->comesTo->millimetres() : 0.0,
            $terms,
        ),
    );
    $rig = Described::of([], ['tongue_weight_kg' => 402], ['family' => 'chain-snap-up', 'bar_rating_high_kg' => 550])
        ->prior()
        ->likelyRig();
    $doubts = array_values(array_filter($terms, fn (Term $term): bool => str_starts_with($term->of, 'doubt.')));

    expect($rig->taut($tension)->frontRestored())
        ->toEqualWithDelta($forecast->stance->quantities->share->mean(), 1e-6)
        ->and(array_map(fn (Term $term): string => $term->of, $doubts))
        ->toBe([
            'doubt.front_rate',
            'doubt.rear_rate',
            'doubt.tongue_weight',
            'doubt.trailer_rate',
            'doubt.cg_height',
            'doubt.bar_rate',
            'doubt.tension',
            'doubt.ball_over_coupler',
        ])
        ->and(max(array_map(fn (Term $term): float => $term->comesTo, $doubts)))
        ->toBe($doubts[6]->comesTo);
});

it('starts with washers by where the tongue weight lies in the bars\' range', function (
    ?float $low,
    float $high,
    float $washers,
): void {
    $setting = chainPlan(array_filter(['bar_rating_low_kg' => $low, 'bar_rating_high_kg' => $high]))->firstMove()
        ->forecast->setting;

    expect($setting->step('washer'))->toBe($washers);
})->with([
    'near the top: all of them' => [200.0, 410.0, 6.0],
    'near the bottom: none' => [395.0, 800.0, 0.0],
    'in the middle' => [300.0, 504.0, 3.0],
]);

it('takes another tilt where the first one would hardly land', function (): void {
    $hitch = [
        'family' => 'chain-snap-up',
        'pitch_mm' => 4.0,
        'bar_rating_low_kg' => 395.0,
        'bar_rating_high_kg' => 800.0,
        'bar_rate_kg_per_mm' => 3.0,
    ];

    expect(chainPlan($hitch)->firstMove()->forecast->setting->step('washer'))->toBeGreaterThan(0.0);
});

it('lands in range as often as it says', function (): void {
    $adjusters = Families::get('chain-snap-up')->adjusters(new HitchMeasures());
    $prior = Priors::rig(0.12, 15.0, 12.0);
    $best = (new Advisor(
        new HitchSettings($adjusters, $adjusters->middle()),
        usualGoal(),
        new Yoke\Judgement\Advice\StoppingRules(),
    ))->advise((new Estimation($prior, []))->posterior())->forecast;
    $random = new SeededSource(12);
    $landed = 0;
    for ($i = 0; $i < 3000; $i++) {
        [$rig, $tension] = Priors::draw($prior, $random, 0.12, 12.0);
        $share = $rig->carried($tension + $best->tensionOffset)->frontRestored();
        $landed += $share >= 0.5 && $share <= 1.0 ? 1 : 0;
    }

    expect($best->chance)
        ->toEqualWithDelta($landed / 3000, 0.03)
        ->and($best->chance)
        ->toBeLessThan(0.999);
});

it('derives predicted heights from what coupling and bars do', function (): void {
    foreach (RigMaker::random(30) as [$rig, $tension]) {
        foreach ([$rig->dropped(), $rig->carried($tension)] as $attitude) {
            foreach (
                [[Axle::Front, $rig->vehicle()->frontRate], [Axle::Rear, $rig->vehicle()->rearRate]] as [$axle, $rate]
            ) {
                [$coupling, $bars, $rise] = HeightTerms::of($attitude, $axle);
                expect(-($coupling->comesTo->kilograms() + $bars->comesTo->kilograms()) / $rate)->toEqualWithDelta(
                    $rise->comesTo->millimetres(),
                    1e-9,
                );
            }
        }
    }
});

it('follows the rules of thumb of its own equations', function (): void {
    foreach (RigMaker::random(60) as $i => [$rig]) {
        if ($i % 5 === 0) {
            continue;
        }
        [$a, $length, $arm] = [$rig->vehicle()->overhang, $rig->trailer()->ballToAxle, $rig->bars()->arm];
        $attitudes = array_map(fn (float $share) => $rig->carried($rig->tensionFor($share)), [
            'half' => 0.5,
            'full' => 1.0,
        ]);
        $frontGain = $attitudes['full']->frontLoad()->kilograms() - $attitudes['half']->frontLoad()->kilograms();
        $trailerGain = $attitudes['full']->trailerLoad()->kilograms() - $attitudes['half']->trailerLoad()->kilograms();
        $turned =
            $rig->trailer()->weight *
            $rig->trailer()->cgAboveAxle *
            ($attitudes['full']->trailerPitch - $attitudes['half']->trailerPitch);

        expect($frontGain * $rig->vehicle()->wheelbase)
            ->toEqualWithDelta($trailerGain * ($length + $a) - $turned, 1e-3)
            ->and($attitudes['full']->ballLoad()->kilograms())
            ->toEqualWithDelta(
                $rig->trailer()->tongueWeight * (1 + ($a * ($length - $arm)) / ($arm * ($length + $a))),
                0.06 * $attitudes['full']->ballLoad()->kilograms(),
            );
    }
});

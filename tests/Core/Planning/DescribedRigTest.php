<?php

declare(strict_types=1);

use Tests\Core\Method\Heights;
use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Planning\Assumption;
use Yoke\Job\Planning\Assumptions;
use Yoke\Job\Planning\ForetoldHeights;
use Yoke\Job\Planning\RigPlan;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Measuring\Bars\FourHeights;
use Yoke\Measuring\Bars\TapedBars;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\VehicleClass;
use Yoke\Rig\Specification\Field;
use Yoke\Rig\Specification\FieldKind;
use Yoke\Rig\Specification\RigPart;

it('plans with nothing but dimensions, and says which field would tell more', function (): void {
    $rig = Described::of();
    $prior = $rig->prior();

    expect($prior->likely(RigParameter::TongueWeight->value))
        ->toEqualWithDelta(0.125 * 3180, 1e-9)
        ->and($prior->likely(RigParameter::FrontRate->value))
        ->toBe(13.0)
        ->and($prior->likely(RigParameter::CgHeight->value))
        ->toBe(750.0)
        ->and($prior->likely(RigParameter::BarRate->value))
        ->toEqualWithDelta((0.125 * 3180) / 84, 1e-9)
        ->and(array_map(fn (Assumption $assumption): string => $assumption->field, $rig->assumptions()))
        ->toBe([
            'vehicle_class',
            'tongue_weight_kg',
            'axle_group',
            'cg_above_axle_mm',
            'family',
            'bar_rating_high_kg',
            'coupler_height_mm',
        ])
        ->and($rig->sheets->adjusters())
        ->toBeNull()
        ->and((new RigPlan($rig, usualGoal(), new Yoke\Judgement\Advice\StoppingRules()))->firstMove())
        ->toBeNull();
});

it('takes what the sheets say before what is usual', function (): void {
    $rig = Described::of(
        ['vehicle_class' => 'three-quarter-ton pick-up'],
        [
            'tongue_weight_kg' => 410,
            'tongue_weight_by' => 'tongue_scale',
            'cg_above_axle_mm' => 600,
            'axle_group' => 'own springs',
            'axle_spacing_mm' => 900,
            'coupler_height_mm' => 480,
        ],
        ['family' => 'cam-bar', 'bar_rating_high_kg' => 550, 'ball_height_mm' => 500, 'hang_mm' => 210],
    );
    $prior = $rig->prior();

    $taped = $rig->taped(
        new TapedBars(
            FourHeights::of(...array_map(Length::ofMillimetres(...), [500.0, 320.0, 480.0, 360.0])),
            $rig->sheets->adjusters()->middle(),
        ),
    );

    expect($taped->assumptions())
        ->toBe([])
        ->and(array_column($rig->assumptions(), 'field'))
        ->toBe([Assumptions::BARS_TAPED])
        ->and($prior->likely(RigParameter::FrontRate->value))
        ->toBe(VehicleClass::ThreeQuarterTon->rideRate(Axle::Front))
        ->and($prior->likely(RigParameter::TongueWeight->value))
        ->toBe(410.0)
        ->and($rig->tongueWeight()->share)
        ->toBe(0.02)
        ->and($prior->known()->ballOverCoupler)
        ->toBe(20.0)
        ->and($prior->likelyRig()->trailer()->axles)
        ->toHaveCount(2)
        ->and($prior->likelyRig()->trailer()->pitchStiffness())
        ->toBeGreaterThan(0.0)
        ->and($rig->sheets->adjusters()?->get('washer')->role)
        ->toBe(Role::Tilt);
});

it('follows the trailer as it grows heavier', function (): void {
    $plans = array_map(
        fn (float $gross): RigPlan => new RigPlan(
            Described::of(gross: $gross),
            usualGoal(),
            new Yoke\Judgement\Advice\StoppingRules(),
        ),
        [2000.0, 3000.0, 4000.0],
    );
    $balls = array_map(fn (RigPlan $plan): float => $plan->ballAdvised()->mean(), $plans);
    $squats = array_map(fn (RigPlan $plan): float => $plan->dropped()->rearRise()->millimetres(), $plans);

    expect($balls[0])
        ->toBeLessThan($balls[1])
        ->and($balls[1])
        ->toBeLessThan($balls[2])
        ->and($squats[0])
        ->toBeGreaterThan($squats[1])
        ->and($squats[1])
        ->toBeGreaterThan($squats[2]);
});

it('aims at the middle of the band with a level trailer', function (): void {
    $carried = (new RigPlan(Described::of(), usualGoal(), new Yoke\Judgement\Advice\StoppingRules()))->carried();

    expect($carried->frontRestored())
        ->toEqualWithDelta(0.75, 1e-9)
        ->and($carried->trailerPitchAngle()->degrees())
        ->toEqualWithDelta(0.0, 1e-6);
});

it('names each line of the ledger once, dropped and carried', function (): void {
    $plan = new RigPlan(
        Described::of(['front_axle_kg' => 1460, 'rear_axle_kg' => 1190], ['trailer_gvwr_kg' => 3000]),
        usualGoal(),
        new Yoke\Judgement\Advice\StoppingRules(),
    );
    $names = array_map(fn (RatedLoad $line): string => $line->key(), $plan->ledger());
    $over = array_filter($plan->ledger(), fn (RatedLoad $line): bool => $line->isOutside());

    expect($names)
        ->toBe(array_unique($names))
        ->toContain('rear_axle.dropped')
        ->toContain('rear_axle.carried')
        ->toContain('one_bar.carried')
        ->and($names)
        ->not->toContain('one_bar.dropped')
        ->and(array_map(fn (RatedLoad $line): string => $line->key(), array_values($over)))
        ->toBe(['trailer']);
});

it('loses share only to levelling', function (): void {
    expect((new RigPlan(Described::of(), usualGoal(), new Yoke\Judgement\Advice\StoppingRules()))->takenBack())
        ->toBe(0.0)
        ->and(
            (new RigPlan(
                Described::of(['levelling' => 'rear']),
                usualGoal(),
                new Yoke\Judgement\Advice\StoppingRules(),
            ))->takenBack(),
        )
        ->toBeGreaterThan(0.05)
        ->toBeLessThan(0.6);
});

it('has fields whose keys say their unit, and which refuse what cannot be', function (RigPart $part): void {
    foreach ($part->fields() as $key => $field) {
        $unit = match ($field->kind) {
            FieldKind::Length => '/_mm$/',
            FieldKind::Load => '/_kg$/',
            default => '/^[a-z_]+$/',
        };
        expect($key)->toBe($field->key)->toMatch($unit);
        if ($field->kind === FieldKind::Choice) {
            expect($field->objection($field->options[0]))
                ->toBeNull()
                ->and($field->objection('something else')?->key)
                ->toBe('field.choice');
        } else {
            expect($field->objection($field->low))
                ->toBeNull()
                ->and($field->objection($field->high))
                ->toBeNull()
                ->and($field->objection($field->high * 1.01 + 1)?->figures['high'])
                ->toBe($field->high)
                ->and($field->objection(-1e9)?->figures['low'])
                ->toBe($field->low)
                ->and($field->objection(NAN))
                ->not->toBeNull();
        }
    }
})->with(RigPart::cases());

it('tells both units where a length or a load was expected', function (): void {
    expect(Field::length('a_mm', 200, 1000)->objection(5.0)?->text())
        ->toBe('field.range low=200 high=1000 unit=mm other_low=8 other_high=39 other=in')
        ->and(Field::load('a_kg', 200, 1000)->objection(5.0)?->text())
        ->toBe('field.range low=200 high=1000 unit=kg other_low=441 other_high=2205 other=lb')
        ->and(Field::number('a', 1, 3)->objection('two')?->text())
        ->toBe('field.number low=1 high=3');
});

it('quotes the vehicle\'s maker, whose band governs', function (
    array $sheet,
    ?string $kind,
    ?TargetRange $band,
    bool $forbids,
): void {
    $word = Described::of($sheet)->sheets->makersWord();

    expect($word?->kind())
        ->toBe($kind)
        ->and($word?->band())
        ->toEqual($band)
        ->and($word?->forbids() ?? false)
        ->toBe($forbids);
})->with([
    'nobody looked' => [[], null, null, false],
    'nothing said' => [['maker_says' => 'silent'], null, null, false],
    'forbidden' => [['maker_says' => 'forbidden'], 'forbids', null, true],
    'required, and this trailer is heavier' => [
        ['maker_says' => 'required', 'maker_from_kg' => 2270],
        'required',
        null,
        false,
    ],
    'required, and this trailer is lighter' => [
        ['maker_says' => 'required', 'maker_from_kg' => 3500],
        'required_above',
        null,
        false,
    ],
    'required, from nobody knows where' => [['maker_says' => 'required'], 'weight_missing', null, false],
    'a band' => [
        ['maker_says' => 'band', 'maker_band_low' => 40, 'maker_band_high' => 70],
        'range',
        TargetRange::of(0.4, 0.7),
        false,
    ],
    'a band half typed' => [['maker_says' => 'band', 'maker_band_low' => 40], 'range_missing', null, false],
    'a band upside down' => [
        ['maker_says' => 'band', 'maker_band_low' => 70, 'maker_band_high' => 40],
        'range_missing',
        null,
        false,
    ],
]);

it('finds the places of the head once receiver, coupler and shank are measured', function (): void {
    $heights = [
        ['receiver_height_mm' => 520],
        ['coupler_height_mm' => 480],
        ['shank_drop_mm' => -30, 'head_hole_mm' => 32, 'head_holes' => 5],
    ];
    $places = Described::of(...$heights)->sheets->headPlaces()->for(Length::ofMillimetres(30.0));

    expect(Described::of()->sheets->headPlaces()->for(Length::ofMillimetres(30.0)))
        ->toBe([])
        ->and(Described::of($heights[0], $heights[1])->sheets->headPlaces()->for(Length::ofMillimetres(30.0)))
        ->toBe([])
        ->and($places)
        ->toHaveCount(5)
        ->and([$places[0]->turned, $places[0]->hole, $places[0]->ballHeight->millimetres()])
        ->toBe(['drop', 2.0, 518.0])
        ->and($places[0]->residual()->millimetres())
        ->toBe(8.0)
        ->and(
            Described::of($heights[0], $heights[1], [...$heights[2], 'shank_rise_mm' => 60])
                ->sheets->headPlaces()
                ->for(Length::ofMillimetres(30.0)),
        )
        ->toHaveCount(10);
});

it('fills in what is not taped yet, and leaves what is', function (): void {
    $plan = new RigPlan(Described::of(), usualGoal(), new Yoke\Judgement\Advice\StoppingRules());
    $taped = Heights::of(['alone' => [950, 985], 'dropped' => [966, 930]]);
    $foretold = new ForetoldHeights($plan->dropped(), $plan->carried());
    $filled = $foretold->filledIn($taped);

    expect($filled->at(Stance::Dropped, Axle::Front))
        ->toBe($taped->at(Stance::Dropped, Axle::Front))
        ->and($filled->rise(Stance::Carried, Axle::Front)?->millimetres())
        ->toEqualWithDelta($plan->carried()->frontRise()->millimetres(), 1e-9)
        ->and($filled->rise(Stance::Carried, Axle::Rear)?->millimetres())
        ->toEqualWithDelta($plan->carried()->rearRise()->millimetres(), 1e-9)
        ->and($foretold->filledIn(Heights::of([]))->at(Stance::Dropped, Axle::Front))
        ->toBeNull()
        ->and($foretold->fromUsual()->holdsBothEndsOf(Stance::Carried))
        ->toBeTrue();
});

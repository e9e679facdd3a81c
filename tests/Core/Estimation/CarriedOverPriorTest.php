<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Measuring\Estimation\CarriedOverPrior;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;

/** A posterior after a tape of a rig that stands as a cold prior has it. */
function taped(RigPrior $prior, float $doubt = 0.8): Posterior
{
    $rig = $prior->likelyRig();
    $tension = $prior->likely(RigParameter::Tension->value);
    $readings = [];
    foreach (
        [
            [ReadingContext::alone(), null],
            [ReadingContext::dropped(), $rig->dropped()],
            [ReadingContext::carried(0.0, 0.0), $rig->carried($tension)],
        ] as [$situation, $attitude]
    ) {
        $readings[] = new Observation(
            $situation,
            Observed::FrontHeight,
            950.0 + ($attitude?->frontRise()->millimetres() ?? 0.0),
            $doubt,
        );
        $readings[] = new Observation(
            $situation,
            Observed::RearHeight,
            985.0 + ($attitude?->rearRise()->millimetres() ?? 0.0),
            $doubt,
        );
    }

    return (new Estimation($prior, $readings))->posterior();
}

it('keeps every parameter with its doubt, to the letter, and the tension a little less sure', function (): void {
    $posterior = taped(Priors::rig(0.2));
    $learnt = CarriedOverPrior::of($posterior);
    $again = CarriedOverPrior::kept(json_decode(json_encode($learnt->rows()), true));

    expect($learnt->rows())
        ->toHaveCount(RigParameter::Tension->value + 1)
        ->and($again->rows())
        ->toBe($learnt->rows());
    foreach ($learnt->likely() as $parameter => $likely) {
        expect($likely->value)
            ->toEqualWithDelta($posterior->value($parameter)->mean(), 1e-9)
            ->and($likely->share * $likely->value)
            ->toEqualWithDelta($posterior->value($parameter)->deviation(), 1e-9);
    }
    expect($learnt->tension()->mean())
        ->toEqualWithDelta($posterior->value(RigParameter::Tension->value)->mean(), 1e-9)
        ->and($learnt->tension()->deviation())
        ->toEqualWithDelta(hypot($posterior->value(RigParameter::Tension->value)->deviation(), 2.0), 1e-9);
});

it(
    'starts the next set-up at the rig that the last one found, surer than what is usual and no surer than it was',
    function (float $doubt): void {
        $cold = Described::of(trailer: ['tongue_weight_kg' => 400], hitch: ['family' => 'chain-snap-up'])->prior();
        $posterior = taped($cold, $doubt);
        $warm = Described::of(trailer: ['tongue_weight_kg' => 400], hitch: ['family' => 'chain-snap-up'])
            ->learnt(CarriedOverPrior::of($posterior))
            ->prior();
        $share = static fn (float $tension): Closure => static fn ($rig, float $reference): float => $rig
            ->taut($reference + $tension)
            ->frontRestored();

        expect($warm->likelyRig()->carried($warm->likely(RigParameter::Tension->value))->frontRise()->millimetres())
            ->toEqualWithDelta($posterior->rig()->carried($posterior->tension())->frontRise()->millimetres(), 1e-6)
            ->and($warm->predict($share(0.0))->deviation())
            ->toBeLessThan($cold->predict($share(0.0))->deviation())
            ->and($warm->predict($share(0.0))->deviation())
            ->toBeGreaterThan($posterior->predict($share(0.0))->deviation());
    },
)->with(['a fine tape' => [0.5], 'a coarse one' => [2.5]]);

it('learns more at every visit of the same rig', function (): void {
    $described = Described::of(trailer: ['tongue_weight_kg' => 400], hitch: ['family' => 'chain-snap-up']);
    $doubts = [];
    for ($visit = 1; $visit <= 3; $visit++) {
        $posterior = taped($described->prior());
        $doubts[] =
            $posterior->value(RigParameter::FrontRate->value)->deviation() / $posterior->value(RigParameter::FrontRate->value)->mean();
        $described = $described->learnt(CarriedOverPrior::of($posterior));
    }

    expect($doubts[1])->toBeLessThan($doubts[0])->and($doubts[2])->toBeLessThan($doubts[1]);
});

it('puts one load on after another as both at once, in whatever order', function (): void {
    $item = static fn (float $kilograms, float $place, Carrier $on): Item => Item::of(
        'thing',
        Load::ofKilograms($kilograms),
        $on,
        Length::ofMillimetres($place),
    );
    $water = LoadChange::between([], [$item(80.0, 1650.0, Carrier::Trailer)]);
    $friend = LoadChange::between([$item(40.0, -900.0, Carrier::Trailer)], [$item(85.0, 2200.0, Carrier::Vehicle)]);
    $rig = Described::of(trailer: ['tongue_weight_kg' => 400], hitch: ['family' => 'chain-snap-up']);
    $facts = static function (SpecifiedRig $described): array {
        $prior = $described->prior();
        $loaded = $prior->likelyRig();

        return array_map(static fn (float $value): float => round($value, 6), [
            $loaded->trailer()->weight,
            $loaded->trailer()->tongueWeight,
            $loaded->bars()->ballOverCoupler,
            $prior->predict(static fn ($one, float $tension): float => $tension)->mean(),
            $loaded->dropped()->frontRise()->millimetres(),
        ]);
    };

    expect($facts($rig->loaded($water)->loaded($friend)))
        ->toBe($facts($rig->loaded($friend)->loaded($water)))
        ->toBe($facts($rig->loaded($water->plus($friend))))
        ->not->toBe($facts($rig->loaded($water)))
        ->and($water->plus($friend)->tongue(Length::ofMillimetres(5150.0))->kilograms())
        ->toEqualWithDelta($water->tongue(Length::ofMillimetres(5150.0))->kilograms() + $friend->tongue(Length::ofMillimetres(5150.0))->kilograms(), 1e-9);
});

<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Constraint\Exclusion;
use Yoke\Judgement\Constraint\KeptRatings;
use Yoke\Judgement\Constraint\TipClearance;
use Yoke\Judgement\Ratings\Ledger;
use Yoke\Judgement\Ratings\Weighed;
use Yoke\Measuring\Bars\BarHang;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Specification\SpecificationSheet;

/** Why a setting that puts back a share is left out. */
function against(array $ratings, float $share, ?AxleGroup $group = null): ?Exclusion
{
    $rig = Priors::rig(axles: $group)->likelyRig();
    $ledger = new Ledger(
        array_map(Load::ofKilograms(...), $ratings),
        new Weighed(Load::ofKilograms(1420), Load::ofKilograms(1180), null, 2),
    );

    return (new KeptRatings($ledger))->against(
        Families::get('cam-bar')->adjusters(new HitchMeasures())->middle(),
        $rig->carried($rig->tensionFor($share)),
    );
}

it('leaves out a setting that puts an axle over its rating, and none for what is over anyway', function (
    array $ratings,
    float $share,
    ?Exclusion $why,
): void {
    expect(against($ratings, $share))->toBe($why);
})->with([
    'nothing rated' => [[], 0.9, null],
    'room for all' => [['front_gawr' => 1700, 'trailer_gawr' => 3200], 0.9, null],
    'the front axle' => [['front_gawr' => 1400], 0.95, Exclusion::FrontAxlePastRating],
    'the front axle, with less tension' => [['front_gawr' => 1400], 0.5, null],
    'the trailer\'s axles' => [['trailer_gawr' => 2800], 0.9, Exclusion::TrailerAxlesPastRating],
    'one axle of two' => [['one_axle_gawr' => 1400], 0.9, Exclusion::OneTrailerAxlePastRating],
    'over with bars off already' => [['trailer_gawr' => 2500], 0.9, null],
]);

it('asks the heaviest axle of a group on its own springs', function (): void {
    $own = AxleGroup::unequalised(2, 860.0);
    $heaviest = max(Priors::rig(axles: $own)->likelyRig()->dropped()->trailerAxleLoads());

    expect(against(['one_axle_gawr' => $heaviest - 30], 0.75, $own))
        ->toBeNull()
        ->and(against(['one_axle_gawr' => 1420], 1.0, $own))
        ->toBe(
            max(Priors::rig(axles: $own)->likelyRig()->carried(40.0)->trailerAxleLoads()) > 1420 && $heaviest <= 1420
                ? Exclusion::OneTrailerAxlePastRating
                : null,
        );
});

it('keeps bar tips as far from the ground as the sheet asks, once frame and chain are taped', function (
    array $hitch,
    bool $isLeftOut,
): void {
    $adjusters = Families::get('chain-snap-up')->adjusters(new HitchMeasures(pitchMm: 28.0));
    $rig = Priors::rig()->likelyRig();
    $obstacle = new TipClearance(
        BarHang::of(
            $adjusters,
            Length::ofMillimetres(720),
            new SpecificationSheet(['frame_height_mm' => 402.0]),
            new SpecificationSheet($hitch),
        ),
    );

    expect($obstacle->against($adjusters->middle()->with('link', 1.0), $rig->carried(20.0)))->toBe(
        $isLeftOut ? Exclusion::TipsTooLow : null,
    );
})->with([
    'too low' => [['hang_mm' => 212.0, 'tip_clearance_mm' => 240.0], true],
    'clear' => [['hang_mm' => 212.0, 'tip_clearance_mm' => 100.0], false],
    'the sheet asks nothing' => [['hang_mm' => 212.0], false],
    'the chain is not taped' => [['tip_clearance_mm' => 240.0], false],
]);

it('pools readings of one height by their doubts', function (): void {
    $height = fn (float $millimetres, float $friction): HeightReading => HeightReading::of(
        Length::ofMillimetres($millimetres),
        Length::ofMillimetres(0.9),
        Length::ofMillimetres($friction),
        Length::ofMillimetres(0.5),
    );
    $alike = HeightReading::pooled([$height(950, 0.5), $height(952, 0.5)]);
    $unlike = HeightReading::pooled([$height(950, 0.5), $height(960, 3.5)]);

    expect($alike->height()->millimetres())
        ->toEqualWithDelta(951.0, 1e-9)
        ->and($alike->doubt()->millimetres())
        ->toEqualWithDelta(hypot(0.9, 0.5) / M_SQRT2, 1e-9)
        ->and($unlike->height()->millimetres())
        ->toBeGreaterThan(950.0)
        ->toBeLessThan(952.0)
        ->and($unlike->doubt()->millimetres())
        ->toBeLessThan(hypot(0.9, 0.5))
        ->and(HeightReading::pooled([$height(950, 0.5)]))
        ->toEqual($height(950, 0.5));
});

<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Bars\BracketHoles;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Specification\BracketRange;
use Yoke\Rig\Specification\SpecificationSheet;

function bracketSheet(?float $from, ?float $to): SpecificationSheet
{
    return new SpecificationSheet(array_filter(['bracket_from_mm' => $from, 'bracket_to_mm' => $to], is_float(...)));
}

it('takes a single distance for a range of one place, and none for none', function (): void {
    [$from, $to] = [BracketRange::of(bracketSheet(610.0, null)), BracketRange::of(bracketSheet(null, 820.0))];

    expect(BracketRange::of(bracketSheet(null, null)))
        ->toBeNull()
        ->and([$from?->from->millimetres(), $from?->to->millimetres()])
        ->toBe([610.0, 610.0])
        ->and([$to?->from->millimetres(), $to?->to->millimetres()])
        ->toBe([820.0, 820.0]);
});

it('fits the length that nobody measured to the range of the sheet', function (
    ?float $from,
    ?float $to,
    float $arm,
): void {
    expect(BracketRange::assumedArm(bracketSheet($from, $to))->millimetres())->toBe($arm);
})->with([
    'no range: the usual' => [null, null, Hitch::USUAL_BAR_ARM_MM[0]],
    'the usual lies within' => [600.0, 800.0, Hitch::USUAL_BAR_ARM_MM[0]],
    'all of it behind the usual' => [760.0, 840.0, 760.0],
    'all of it before the usual' => [560.0, 640.0, 640.0],
    'one distance' => [815.0, null, 815.0],
]);

it('counts the holes that show for a bar as high at the bracket as at the vehicle', function (
    float $below,
    int $showing,
): void {
    $trailer = new SpecificationSheet(['frame_depth_mm' => 127.0]);
    $hitch = new SpecificationSheet(['bracket_plate_mm' => 330.0, 'bracket_hole_mm' => 25.0]);
    $holes = BracketHoles::withBarAt($trailer, $hitch, Length::ofMillimetres($below));
    // The ledge hangs the plate's length, less the holes that show, under its top hole, which stands over the frame.
    $ledge = 330.0 - 25.0 * ($showing - 1) - 127.0;

    expect($holes?->showing())
        ->toBe($showing)
        ->and(abs($ledge - $below))
        ->toBeLessThanOrEqual(12.5)
        ->and($holes?->lower()->millimetres())
        ->toEqualWithDelta($ledge - $below, 1e-9)
        ->and(BracketHoles::withBarAt($trailer, new SpecificationSheet([]), Length::ofMillimetres($below)))
        ->toBeNull();
})->with([[60.0, 7], [78.0, 6], [128.0, 4], [200.0, 1]]);

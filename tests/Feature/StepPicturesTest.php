<?php

declare(strict_types=1);

use App\Screens\Procedures\StepPicture;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Specification\SpecificationSheet;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\Procedure;
use Yoke\Workshop\Procedure\RigFacts;
use Yoke\Workshop\Procedure\Step;

it('has a drawing, its words and a step for every picture', function (): void {
    $shown = [];
    foreach (Families::all() as $family) {
        foreach (Occasion::cases() as $occasion) {
            foreach (['small', 'head'] as $change) {
                $steps = (new Procedure(
                    $occasion,
                    new RigFacts($family, new SpecificationSheet([]), new SpecificationSheet([]), [
                        'brakes' => 'yes',
                        'plate' => 'turned',
                        'change' => $change,
                        'bars_off_to_reverse' => 'yes',
                    ]),
                ))->steps();
                array_push($shown, ...array_filter(array_map(StepPicture::of(...), $steps)));
            }
        }
    }
    foreach (StepPicture::cases() as $picture) {
        expect(in_array($picture, $shown, true))
            ->toBeTrue($picture->value)
            ->and($picture->shows())
            ->not->toBe('')
            ->and(view("pictures.steps.{$picture->value}")->render())
            ->toContain('<path');
    }
});

it('draws latches on the hitch that has them alone, and the plate on tension chains alone', function (
    string $family,
    StepPicture $picture,
    bool $isShown,
): void {
    $steps = (new Procedure(
        Occasion::HookUp,
        new RigFacts(Families::get($family), new SpecificationSheet([]), new SpecificationSheet([])),
    ))->steps();

    expect(array_filter($steps, fn (Step $step): bool => StepPicture::of($step) === $picture) !== [])->toBe($isShown);
})->with([
    ['chain-rotating-latch', StepPicture::ChainSides, true],
    ['chain-snap-up', StepPicture::ChainSides, false],
    ['tension-chain', StepPicture::Plate, true],
    ['cam-bar', StepPicture::Plate, false],
    ['screw-jack-gauge', StepPicture::Screw, true],
    ['screw-jack-gauge', StepPicture::Lift, false],
]);

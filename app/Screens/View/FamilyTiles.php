<?php

declare(strict_types=1);

namespace App\Screens\View;

use App\Words\FamilyWords;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Showing\Drawing\CloseUp\HitchCloseUp;

/** The families of hitches, each with its picture, to be picked by one tap. */
final class FamilyTiles
{
    /** @return list<array{key: string, name: string, drawing: HitchCloseUp}> */
    public static function all(): array
    {
        return array_map(static function (HitchFamily $family): array {
            $adjusters = $family->adjusters(new HitchMeasures());

            return [
                'key' => $family->key(),
                'name' => ucfirst((new FamilyWords($family))->name()),
                'drawing' => new HitchCloseUp($adjusters, $adjusters->middle(), $family->facts()->takeUp),
            ];
        }, Families::all());
    }
}

<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Hitch;
use App\Models\Trailer;
use App\Models\Vehicle;
use App\UseCases\Forms\TypedParts;
use App\UseCases\Garage\PartModels;
use Yoke\Expected;
use Yoke\Rig\Parts\Check\Problems;
use Yoke\Rig\Specification\RigPart;

/** A part that the front door's form takes from the garage: picked from what was found, or called by its exact name. */
final readonly class PickedPart
{
    /** What describes a new part: where any of it was typed, a new one is meant. */
    private const DESCRIBES = [
        'vehicle' => [
            'vehicle_body',
            'wheelbase',
            'overhang',
            'front_suspension',
            'rear_suspension',
            'vehicle_class',
            'levelling',
            'air_lift_mm',
            'lift_use',
        ],
        'trailer' => ['trailer_body', 'ball_to_axle', 'gross_weight', 'tongue_weight_kg'],
        'hitch' => ['family', 'counting', 'bar_rating_low_kg', 'bar_rating_high_kg', 'bar_arm'],
    ];

    public function __construct(private TypedParts $typed, private Problems $problems)
    {
    }

    /** Null when a new one is being described. */
    public function of(RigPart $part): Vehicle|Trailer|Hitch|null
    {
        $picked = $this->typed->text($part->value);
        if ($picked === '') {
            return $this->named($part);
        }
        $found = ctype_digit($picked) ? PartModels::of($part)::query()->find((int) $picked) : null;
        if ($found === null) {
            $this->problems->found($part->value, Expected::of('form.from_the_list_or_new', ['part' => $part]));

            return PartModels::fresh($part);
        }

        return $found;
    }

    /** The one at hand that is called exactly what was typed, if there is one alone and nothing else was said of it. */
    private function named(RigPart $part): Vehicle|Trailer|Hitch|null
    {
        $name = $this->typed->text("{$part->value}_name");
        $isDescribed =
            array_filter(
                self::DESCRIBES[$part->value],
                fn (string $field): bool => $this->typed->text($field) !== '',
            ) !== [];
        $found =
            $name === '' || $isDescribed
                ? []
                : PartModels::of($part)::atHand()
                    ->whereRaw('lower(name) = ?', [mb_strtolower($name)])
                    ->limit(2)
                    ->pluck('id')
                    ->all();

        return count($found) === 1 && is_numeric($found[0]) ? PartModels::find($part, (int) $found[0]) : null;
    }
}

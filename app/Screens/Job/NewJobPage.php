<?php

declare(strict_types=1);

namespace App\Screens\Job;

use App\Models\Hitch;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\UseCases\Garage\PartModels;
use App\Words\FamilyWords;
use App\Words\SpecificationWords;
use App\Words\Text;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Specification\RigPart;
use Yoke\Showing\Drawing\CloseUp\HitchCloseUp;

/**
 * The front door: who and what, three parts by a few letters or as new, and for a new hitch its family by its picture.
 */
final readonly class NewJobPage
{
    public function __construct(private User $person)
    {
    }

    /** @return list<array{key: string, name: string, drawing: HitchCloseUp}> */
    public function families(): array
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

    /** @return array<string, string> what can be chosen in a field, or left for later */
    public function choices(RigPart $part, string $field): array
    {
        return ['' => Text::of("door.later.{$field}")] + SpecificationWords::options($part, $field);
    }

    /** The part of the garage that stands in the form already, by its number as it was posted. */
    public function chosen(RigPart $part, mixed $id): Vehicle|Trailer|Hitch|null
    {
        return is_string($id) && ctype_digit($id) ? PartModels::of($part)::query()->find((int) $id) : null;
    }

    public function lengthUnit(): string
    {
        return $this->person->fineness->unit()->value;
    }

    public function loadUnit(): string
    {
        return $this->person->loadUnit()->value;
    }
}

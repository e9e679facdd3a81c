<?php

declare(strict_types=1);

namespace App\Screens\Job;

use App\Models\Hitch;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\UseCases\Garage\PartModels;
use App\Words\SpecificationWords;
use App\Words\Text;
use Yoke\Rig\Specification\RigPart;

/**
 * The front door: who and what, three parts by a few letters or as new, and for a new hitch its family by its picture.
 */
final readonly class NewJobPage
{
    public function __construct(private User $person)
    {
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

<?php

declare(strict_types=1);

namespace App\UseCases\Garage;

use App\Models\Hitch;
use App\Models\Trailer;
use App\Models\Vehicle;
use Illuminate\Database\Eloquent\Model;
use Yoke\Rig\Specification\Field;
use Yoke\Rig\Specification\RigPart;

/** Where each kind of part is kept, and where on it a field stands: its dimensions in columns, the rest filled in. */
final class PartModels
{
    /** @return class-string<Vehicle|Trailer|Hitch> */
    public static function of(RigPart $part): string
    {
        return match ($part) {
            RigPart::Vehicle => Vehicle::class,
            RigPart::Trailer => Trailer::class,
            RigPart::Hitch => Hitch::class,
        };
    }

    public static function find(RigPart $part, int $id): Vehicle|Trailer|Hitch
    {
        /** @var Vehicle|Trailer|Hitch */
        return self::of($part)::query()->findOrFail($id);
    }

    /** One that nothing is known of yet. */
    public static function fresh(RigPart $part): Vehicle|Trailer|Hitch
    {
        return new (self::of($part));
    }

    public static function value(Model $model, Field $field): float|string|null
    {
        $attributes = $model->attributesToArray();
        $value = $attributes[$field->key] ?? $attributes['sheet'][$field->key] ?? null;

        return is_int($value) ? (float) $value : $value;
    }
}

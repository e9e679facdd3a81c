<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

/** The three parts that pair into a rig; the value is the part's name in addresses. */
enum RigPart: string
{
    case Vehicle = 'vehicle';
    case Trailer = 'trailer';
    case Hitch = 'hitch';

    public function dimensions(): FieldGroup
    {
        return match ($this) {
            self::Vehicle => VehicleSpecification::dimensions(),
            self::Trailer => TrailerSpecification::dimensions(),
            self::Hitch => HitchSpecification::dimensions(),
        };
    }

    /** @return non-empty-list<FieldGroup> what may be left out */
    public function groups(): array
    {
        return match ($this) {
            self::Vehicle => VehicleSpecification::groups(),
            self::Trailer => TrailerSpecification::groups(),
            self::Hitch => HitchSpecification::groups(),
        };
    }

    /** @return array<string, Field> all of them by key */
    public function fields(): array
    {
        $fields = [];
        foreach ([$this->dimensions(), ...$this->groups()] as $group) {
            foreach ($group->fields as $field) {
                $fields[$field->key] = $field;
            }
        }

        return $fields;
    }
}

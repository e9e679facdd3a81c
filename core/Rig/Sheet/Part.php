<?php

declare(strict_types=1);

namespace Yoke\Rig\Sheet;

/** The three parts that pair into a rig; the value is the part's name in addresses. */
enum Part: string
{
    case Vehicle = 'vehicle';
    case Trailer = 'trailer';
    case Hitch = 'hitch';

    /** As a heading: `Hitches`. */
    public function plural(): string
    {
        return $this === self::Hitch ? 'Hitches' : ucfirst($this->value).'s';
    }

    public function dimensions(): FieldGroup
    {
        return match ($this) {
            self::Vehicle => VehicleSheet::dimensions(),
            self::Trailer => TrailerSheet::dimensions(),
            self::Hitch => HitchSheet::dimensions(),
        };
    }

    /** @return non-empty-list<FieldGroup> what may be left out */
    public function groups(): array
    {
        return match ($this) {
            self::Vehicle => VehicleSheet::groups(),
            self::Trailer => TrailerSheet::groups(),
            self::Hitch => HitchSheet::groups(),
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

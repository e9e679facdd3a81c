<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Models\RigSnapshot;
use App\Words\QuantityWords;
use App\Words\SpecificationWords;
use App\Words\Text;
use Closure;
use Yoke\Rig\Specification\FieldKind;
use Yoke\Rig\Specification\RigPart;

/** What a hand needs off the specifications at its station: pressures and torques, as far as they are filled in. */
final readonly class SheetFigures
{
    public function __construct(private RigSnapshot $worked, private QuantityWords $print)
    {
    }

    /** @return array<string, string> label => pressure */
    public function pressures(): array
    {
        return $this->of(
            FieldKind::Pressure,
            static fn (RigPart $part, string $label): string => ucfirst(SpecificationWords::part($part)).
                ', '.
                Text::inside($label),
            $this->print->pressure(...),
        );
    }

    /** @return array<string, string> label => torque */
    public function torques(): array
    {
        return $this->of(
            FieldKind::Torque,
            static fn (RigPart $part, string $label): string => $label,
            $this->print->torque(...),
        );
    }

    /**
     * @param  Closure(RigPart, string): string  $called
     * @param  Closure(float): string  $print
     * @return array<string, string>
     */
    private function of(FieldKind $kind, Closure $called, Closure $print): array
    {
        $found = [];
        foreach (RigPart::cases() as $part) {
            foreach ($part->fields() as $key => $field) {
                $value = $field->kind === $kind ? $this->worked->values($part)->number($key) : null;
                if ($value !== null) {
                    $found[$called($part, SpecificationWords::label($part, $key))] = $print($value);
                }
            }
        }

        return $found;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Loading;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Rig\Parts\Rig;

/** What people take along, with a weight and a place to start from: both are typed over or dragged. */
enum UsualItem: string
{
    case InFront = 'person_in_front';
    case BehindThem = 'person_behind';
    case BedCargo = 'bed_cargo';
    case TailBikes = 'bikes_on_vehicle';
    case Gas = 'gas_bottles';
    case TongueBikes = 'bikes_on_tongue';
    case Kitchen = 'stores';
    case TrailerBikes = 'bikes_on_trailer';

    /** @param  string  $name  how it is called from now on */
    public function on(Rig $rig, string $name): Item
    {
        $wheelbase = $rig->vehicle->wheelbase->millimetres();
        $overhang = $rig->vehicle->overhang->millimetres();
        $length = $rig->trailer->ballToAxle->millimetres();
        $arm = $rig->hitch->barArm->millimetres();
        [$carrier, $place] = match ($this) {
            self::InFront => [Carrier::Vehicle, 0.45 * $wheelbase],
            self::BehindThem => [Carrier::Vehicle, 0.72 * $wheelbase],
            self::BedCargo => [Carrier::Vehicle, $wheelbase],
            self::TailBikes => [Carrier::Vehicle, $wheelbase + $overhang],
            self::Gas, self::TongueBikes => [Carrier::Trailer, $length - $arm],
            self::Kitchen => [Carrier::Trailer, 0.0],
            self::TrailerBikes => [Carrier::Trailer, -0.6 * $length],
        };

        return Item::of($name, $this->weight(), $carrier, Length::ofMillimetres($place));
    }

    /** Of one, until it is typed over. */
    public function weight(): Load
    {
        return Load::ofKilograms(match ($this) {
            self::InFront => 80.0,
            self::BehindThem => 75.0,
            self::BedCargo => 60.0,
            self::TailBikes, self::TongueBikes, self::TrailerBikes => 35.0,
            self::Gas => 30.0,
            self::Kitchen => 40.0,
        });
    }
}

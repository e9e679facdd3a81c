<?php

declare(strict_types=1);

namespace Yoke\Loading;

use Yoke\Rig\Rig;
use Yoke\Units\Length;
use Yoke\Units\Load;

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
        [$kilograms, $carrier, $place] = match ($this) {
            self::InFront => [80.0, Carrier::Vehicle, 0.45 * $wheelbase],
            self::BehindThem => [75.0, Carrier::Vehicle, 0.72 * $wheelbase],
            self::BedCargo => [60.0, Carrier::Vehicle, $wheelbase],
            self::TailBikes => [35.0, Carrier::Vehicle, $wheelbase + $overhang],
            self::Gas => [30.0, Carrier::Trailer, $length - $arm],
            self::TongueBikes => [35.0, Carrier::Trailer, $length - $arm],
            self::Kitchen => [40.0, Carrier::Trailer, 0.0],
            self::TrailerBikes => [35.0, Carrier::Trailer, -0.6 * $length],
        };

        return Item::of($name, Load::ofKilograms($kilograms), $carrier, Length::ofMillimetres($place));
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Loading;

use Yoke\Foundation\Units\Length;
use Yoke\Mechanics\Loading\Exception\ImpossibleItem;
use Yoke\Rig\Parts\Rig;

/** Where on a rig a load can stand, and where that is in its drawing. */
final readonly class LoadRoom
{
    /** A vehicle's nose, ahead of its front axle, as a share of its wheelbase. */
    private const NOSE = 0.35;

    /** A rack reaches so far behind the ball, or behind a trailer's tail, mm. */
    private const RACK_MM = 700.0;

    /** A trailer's tail behind its axles, at the most, as a share of ball to axle. */
    private const TAIL = 0.8;

    public function __construct(private Rig $rig)
    {
    }

    /** @throws ImpossibleItem when it would stand outside */
    public function check(Item $item): void
    {
        $place = $item->place->millimetres();
        $vehicle = $this->rig->vehicle;
        $length = $this->rig->trailer->ballToAxle->millimetres();
        if (
            $item->on === Carrier::Vehicle &&
            ($place < -self::NOSE * $vehicle->wheelbase->millimetres() || $place > $this->ball() + self::RACK_MM)
        ) {
            throw ImpossibleItem::outsideVehicle();
        }
        if ($item->on === Carrier::Trailer && ($place > $length || $place < -self::TAIL * $length - self::RACK_MM)) {
            throw ImpossibleItem::outsideTrailer();
        }
    }

    /** Behind the front axle, mm. */
    public function drawnAt(Item $item): float
    {
        return $item->on === Carrier::Vehicle
            ? $item->place->millimetres()
            : $this->trailerAxles() - $item->place->millimetres();
    }

    /** The place on a carrier of what is drawn so far behind the front axle, mm. */
    public function placeAt(Carrier $on, float $drawn): Length
    {
        return Length::ofMillimetres($on === Carrier::Vehicle ? $drawn : $this->trailerAxles() - $drawn);
    }

    private function ball(): float
    {
        return $this->rig->vehicle->wheelbase->plus($this->rig->vehicle->overhang)->millimetres();
    }

    private function trailerAxles(): float
    {
        return $this->ball() + $this->rig->trailer->ballToAxle->millimetres();
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Showing\Drawing\Figure;

/** The side of one kind of tow vehicle, as it stands alone. */
interface VehicleProfile
{
    /** mm */
    public function wheelRadius(): float;

    /** The fender height to draw at an axle that is not taped yet, mm. */
    public function usualArch(): float;

    /** @return non-empty-list<Figure> the body first, what lies on it after */
    public function figures(VehicleFrame $frame): array;
}

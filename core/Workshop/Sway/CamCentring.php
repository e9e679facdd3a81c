<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;

/** Where cams stand under their bars: centred when both are equally far from the ball in the straight carried rig. */
final readonly class CamCentring
{
    /** Nearer than this is centred. */
    private const CENTRED_MM = 5.0;

    /**
     * @param  Length  $crown  ball to the bar's crown, along the bent bar
     * @param  Length  $cam  ball to the middle of the cam, along the frame
     */
    public function __construct(private Length $crown, private Length $cam)
    {
    }

    /** How far the cam's bracket has to move towards the ball; below 0, away from it. */
    public function toMove(): Length
    {
        return $this->cam->minus($this->crown);
    }

    public function isCentred(): bool
    {
        return abs($this->toMove()->millimetres()) <= self::CENTRED_MM;
    }

    /** How far a bar slides on its cam in a turn: s·sin ψ, its socket s off the centre line. */
    public static function slide(Length $socketOffCentre, Angle $turn): Length
    {
        return $socketOffCentre->times(sin($turn->radians()));
    }
}

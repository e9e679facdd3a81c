<?php

declare(strict_types=1);

namespace Yoke\Workshop\Sway;

use Yoke\Foundation\Units\Torque;
use Yoke\Mechanics\Statics\Attitude;

/**
 * The moment about the ball with which bars that rub hold the trailer back: μ·P·b (docs/model.md, Sway). To compare
 * set-ups of one rig, never to promise a speed.
 */
final readonly class FrictionMoment
{
    /** Steel on steel, dry, where the hitch's sheet gives none. */
    public const USUAL_FRICTION = 0.25;

    private const NEWTON_METRES_PER_KG_MM = 9.80665e-3;

    /** @param  float  $friction  of bar on bracket or pad, above 0 */
    public function __construct(private float $friction = self::USUAL_FRICTION)
    {
    }

    public function of(Attitude $carried): Torque
    {
        return Torque::ofNewtonMetres($this->friction * $carried->barMoment * self::NEWTON_METRES_PER_KG_MM);
    }
}

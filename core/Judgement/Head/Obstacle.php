<?php

declare(strict_types=1);

namespace Yoke\Judgement\Head;

/** What is in the way of a head bolted at a height. */
enum Obstacle: string
{
    /** The open tailgate meets it. */
    case Tailgate = 'tailgate';

    /** It comes up to bumper or spare wheel. */
    case Underside = 'underside';

    /** Nothing is; but the ball stands below the level coupler. */
    case BallBelowCoupler = 'ball_below_coupler';
}

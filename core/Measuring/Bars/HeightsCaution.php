<?php

declare(strict_types=1);

namespace Yoke\Measuring\Bars;

/** What makes heights or a gap of the bars look misread. */
enum HeightsCaution: string
{
    case BallFarFromSeat = 'ball_far_from_seat';
    case BarOverBall = 'bar_over_ball';
    case FarTooSlack = 'far_too_slack';
    case FarTooTight = 'far_too_tight';
}

<?php

declare(strict_types=1);

namespace Yoke\Judgement\Head;

use Yoke\Foundation\Units\Length;

/**
 * What a head bolted at a height runs into: the open tailgate, the vehicle's underside; or a ball below the coupler.
 */
final readonly class TailClearance
{
    /** The top of coupler, latch and head over the middle of the ball. */
    private const ABOVE_BALL_MM = 90.0;

    /**
     * @param  Length  $coupler  height of the level coupler
     * @param  Length|null  $tailgate  ground to the lowest edge of the open tailgate; null where nothing swings down,
     *     or not known
     * @param  Length|null  $underside  ground to bumper or spare wheel; null where not known
     */
    public function __construct(private Length $coupler, private ?Length $tailgate, private ?Length $underside)
    {
    }

    /** @return list<Obstacle> empty where the place is clear */
    public function inTheWay(Length $ballHeight): array
    {
        $top = $ballHeight->plus(Length::ofMillimetres(self::ABOVE_BALL_MM));
        $found = [];
        if ($this->tailgate?->isLessThan($top) === true) {
            $found[] = Obstacle::Tailgate;
        }
        if ($this->underside?->isLessThan($top) === true) {
            $found[] = Obstacle::Underside;
        }
        if ($ballHeight->isLessThan($this->coupler)) {
            $found[] = Obstacle::BallBelowCoupler;
        }

        return $found;
    }
}

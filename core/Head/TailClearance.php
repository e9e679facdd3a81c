<?php

declare(strict_types=1);

namespace Yoke\Head;

use Yoke\Units\Length;

/** What a head bolted at a height runs into: the open tailgate, the vehicle's underside; or a ball below the coupler. */
final readonly class TailClearance
{
    /** The top of coupler, latch and head over the middle of the ball. */
    private const ABOVE_BALL_MM = 90.0;

    /**
     * @param  Length  $coupler  height of the level coupler
     * @param  Length|null  $tailgate  ground to the lowest edge of the open tailgate; null where nothing swings down, or not known
     * @param  Length|null  $underside  ground to bumper or spare wheel; null where not known
     */
    public function __construct(private Length $coupler, private ?Length $tailgate, private ?Length $underside)
    {
    }

    /** @return list<string> a sentence for each thing in the way; empty where the place is clear */
    public function warnings(Length $ballHeight): array
    {
        $top = $ballHeight->plus(Length::ofMillimetres(self::ABOVE_BALL_MM));
        $warnings = [];
        if ($this->tailgate?->isLessThan($top) === true) {
            $warnings[] = 'The open tailgate meets the head: it opens only uncoupled, or not at all.';
        }
        if ($this->underside?->isLessThan($top) === true) {
            $warnings[] = 'The head comes up to the bumper or spare wheel: look at the underside before it is bolted.';
        }
        if ($ballHeight->isLessThan($this->coupler)) {
            $warnings[] = 'The ball stands below the level coupler: a compromise, to be stated.';
        }

        return $warnings;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Workshop\Chains;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;

/**
 * One of two safety chains that cross under the coupler: how long it has to be for a turn, and how low it hangs. From
 * the vehicle's loop beside the head to the trailer's anchor on the other side, seen from above; the rig turns about
 * the ball. A slack chain hangs as a flat parabola.
 */
final readonly class SafetyChain
{
    /** A trailer turns no further than this against its vehicle before something else touches. */
    private const TURN_DEGREES = 75.0;

    private const STEPS = 15;

    /** Left over where a chain is as short as it may be. */
    private const SLACK_MM = 25.0;

    /** Between the lowest link and the road. */
    private const CLEAR_MM = 100.0;

    /**
     * @param  Length  $loopAhead  the vehicle's loops ahead of the ball
     * @param  Length  $loopAside  the same, each from the centre line
     * @param  Length  $anchorBehind  the trailer's anchors behind the ball
     * @param  Length  $anchorAside  the same, each from the centre line
     * @param  Length  $height  of loop and anchor over the ground, the lower of both
     * @param  Length  $chain  from its anchor to the end of its hook
     */
    public function __construct(
        private Length $loopAhead,
        private Length $loopAside,
        private Length $anchorBehind,
        private Length $anchorAside,
        private Length $height,
        private Length $chain,
    ) {
    }

    /** The shortest that a tight turn leaves slack. */
    public function shortest(): Length
    {
        $most = 0.0;
        for ($i = -self::STEPS; $i <= self::STEPS; $i++) {
            $most = max($most, $this->span(deg2rad((self::TURN_DEGREES * $i) / self::STEPS)));
        }

        return Length::ofMillimetres($most + self::SLACK_MM);
    }

    /** The longest that hangs clear of the road with the rig straight. */
    public function longest(): Length
    {
        $span = $this->span(0.0);
        $sag = max(0.0, $this->height->millimetres() - self::CLEAR_MM);

        return Length::ofMillimetres($span + (8.0 * $sag ** 2) / (3.0 * $span));
    }

    /** Of the lowest link over the road, the rig straight; below 0 where it drags. */
    public function clearance(): Length
    {
        $span = $this->span(0.0);
        $slack = max(0.0, $this->chain->millimetres() - $span);

        return $this->height->minus(Length::ofMillimetres(sqrt((3.0 * $span * $slack) / 8.0)));
    }

    /** By how much it is to be made longer, with rated parts; zero where it is long enough. */
    public function missing(): Length
    {
        return Length::ofMillimetres(max(0.0, $this->shortest()->minus($this->chain)->millimetres()));
    }

    /** By how much it is to be made shorter; zero where it hangs clear. */
    public function excess(): Length
    {
        return Length::ofMillimetres(max(0.0, $this->chain->minus($this->longest())->millimetres()));
    }

    /** Whether no length does both: then the loops or anchors stand too low or too far apart. */
    public function isImpossible(): bool
    {
        return $this->longest()->isLessThan($this->shortest());
    }

    public function turn(): Angle
    {
        return Angle::ofDegrees(self::TURN_DEGREES);
    }

    /** From the loop to the anchor across, the vehicle turned so far against the trailer, mm. */
    private function span(float $turn): float
    {
        [$ahead, $aside] = [$this->loopAhead->millimetres(), $this->loopAside->millimetres()];
        $x = $ahead * cos($turn) - $aside * sin($turn);
        $y = $ahead * sin($turn) + $aside * cos($turn);

        return hypot($x + $this->anchorBehind->millimetres(), $y + $this->anchorAside->millimetres());
    }
}

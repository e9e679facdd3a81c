<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Body;

use Yoke\Mechanics\Statics\BentBar;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;
use Yoke\Showing\Drawing\HitchSet;
use Yoke\Showing\Drawing\Point;
use Yoke\Showing\Drawing\Tensioner;

/** Shank, head and bars; x here is mm behind the ball, y mm above the ground with the ball at the coupler's height. */
final readonly class HitchFrame
{
    private const PLATE_FROM = -170.0;

    private const PLATE_TO = -110.0;

    /** From the middle of the ball down to the hole that the head is bolted at, and to the bars' sockets. */
    private const HOLE_BELOW_BALL = 110.0;

    private const SOCKET_BELOW_BALL = 120.0;

    private const HOLE_RADIUS = 9.0;

    private const POINTS_PER_BAR = 12;

    public function __construct(private HitchSet $set, private float $barArm)
    {
    }

    /**
     * What hangs on the vehicle: the shank in rise or drop with its holes, the head, the ball.
     *
     * @param  float  $tail  where the vehicle's body ends, behind the ball
     * @return non-empty-list<Figure>
     */
    public function onVehicle(float $tail): array
    {
        $height = TrailerFrame::COUPLER_HEIGHT;
        $receiver = $height + $this->set->receiver;
        $holes = $this->holes();
        $low = min($receiver - 32.0, ...$holes) - 28.0;
        $high = max($receiver + 32.0, ...$holes) + 28.0;

        return [
            self::box($tail - 80.0, $receiver - 32.0, self::PLATE_TO, $receiver + 32.0),
            self::box(self::PLATE_FROM, $low, self::PLATE_TO, $high),
            Figure::rounded(DrawnPart::Frame, [
                [self::PLATE_TO - 40.0, $height - 60.0, 10],
                [-30.0, $height - 50.0, 10],
                [30.0, $height - 50.0, 15],
                [60.0, $height - 90.0, 20],
                [55.0, $height - 165.0, 20],
                [self::PLATE_TO - 40.0, $height - 165.0, 10],
            ]),
            self::box(-14.0, $height - 55.0, 14.0, $height - 15.0),
            ...array_map(
                static fn (float $hole): Figure => Figure::circle(
                    DrawnPart::Hole,
                    new Point((self::PLATE_FROM + self::PLATE_TO) / 2, $hole),
                    self::HOLE_RADIUS,
                ),
                $holes,
            ),
        ];
    }

    /**
     * What hangs on the trailer's frame when the hitch is tensioned: bent bar, chain and bracket; or chains alone.
     *
     * @param  float  $magnification  of the bend
     * @return non-empty-list<Figure>
     */
    public function onTrailer(float $magnification): array
    {
        $line = TrailerFrame::COUPLER_HEIGHT - self::SOCKET_BELOW_BALL;
        if ($this->set->tensioner === Tensioner::Chains) {
            return [
                Figure::line(DrawnPart::Chain, [
                    new Point(20.0, $line),
                    new Point($this->set->bracket ?? $this->barArm, TrailerFrame::COUPLER_HEIGHT - 20.0),
                ]),
            ];
        }
        $bar = new BentBar($this->barArm, $this->set->tipDrop, $this->set->bend * $magnification);
        $points = [];
        for ($i = 0; $i <= self::POINTS_PER_BAR; $i++) {
            $along = ($this->barArm * $i) / self::POINTS_PER_BAR;
            $points[] = new Point($along + 20.0 * (1 - $i / self::POINTS_PER_BAR), $line + $bar->heightAt($along));
        }
        $bracket = $this->set->bracket ?? $this->barArm;
        $frame = TrailerFrame::COUPLER_HEIGHT;

        return [
            Figure::line(DrawnPart::Bar, $points),
            Figure::line(DrawnPart::Chain, [$points[self::POINTS_PER_BAR], new Point($bracket, $frame - 20.0)]),
            self::box($bracket - 35.0, $frame - 30.0, $bracket + 35.0, $frame + 85.0),
        ];
    }

    /** @return non-empty-list<float> heights of the shank's holes */
    private function holes(): array
    {
        $at = TrailerFrame::COUPLER_HEIGHT - self::HOLE_BELOW_BALL;
        $step = $this->set->turned === 'drop' ? -$this->set->holeSpacing : $this->set->holeSpacing;
        $holes = [$at];
        for ($hole = 1; $hole <= $this->set->holes; $hole++) {
            $holes[] = $at + ($hole - $this->set->hole) * $step;
        }

        return $holes;
    }

    private static function box(float $left, float $bottom, float $right, float $top): Figure
    {
        return Figure::rounded(DrawnPart::Frame, [
            [$left, $bottom, 8],
            [$left, $top, 8],
            [$right, $top, 8],
            [$right, $bottom, 8],
        ]);
    }
}

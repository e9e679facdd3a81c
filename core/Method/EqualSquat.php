<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Probability\Normal;
use Yoke\Readings\Height\StanceHeights;
use Yoke\Rig\Axle;
use Yoke\Rig\Stance;
use Yoke\Units\Length;
use Yoke\Units\Text\LengthPrinter;

/**
 * Both ends down by the same from alone to carried, within a tolerance, and the front not below its alone height.
 *
 * With drops F at the front and R at the rear (down positive) the quantity is R − F. Exactly met it puts the front
 * below alone on usual rigs (docs/model.md, Equal squat), so that full return of the front stops it.
 */
final readonly class EqualSquat implements Method
{
    private const NAME = 'Equal squat';

    /** Within 13 mm, half an inch. */
    private const TOLERANCE_MM = 13.0;

    public function __construct(
        private SquatFloor $floor = SquatFloor::AloneHeight,
        private WhatWouldSettle $settle = new WhatWouldSettle,
    ) {
    }

    public function name(): string
    {
        return self::NAME;
    }

    public function tolerance(): Length
    {
        return Length::ofMillimetres(self::TOLERANCE_MM);
    }

    public function judge(StanceHeights $heights, LengthPrinter $print): Judgement
    {
        foreach ([Stance::Alone, Stance::Carried] as $stance) {
            foreach (Axle::cases() as $axle) {
                if ($heights->at($stance, $axle) === null) {
                    return Judgement::waiting(self::NAME, "Tape the {$axle->value} fender {$stance->value}.");
                }
            }
        }
        $front = $this->drop($heights, Axle::Front);
        $rear = $this->drop($heights, Axle::Rear);
        $chances = $this->chances($front, $rear);
        $value = Normal::of($rear->mean() - $front->mean(), hypot($rear->deviation(), $front->deviation()));

        return Judgement::of(self::NAME, $this->advice($chances, $heights, $print), $value, $this->printed($value, $print), $chances);
    }

    /** How far an axle's fender dropped from alone to carried, mm, down positive. */
    private function drop(StanceHeights $heights, Axle $axle): Normal
    {
        $alone = $heights->at(Stance::Alone, $axle)?->gaussian() ?? Normal::of(0, 0);
        $carried = $heights->at(Stance::Carried, $axle)?->gaussian() ?? Normal::of(0, 0);

        return Normal::of($alone->mean() - $carried->mean(), hypot($alone->deviation(), $carried->deviation()));
    }

    private function chances(Normal $front, Normal $rear): Chances
    {
        $lowest = $this->floor === SquatFloor::AloneHeight ? 0.0 : INF;
        $rearTooLow = fn (float $drop): float => 1.0 - $rear->chanceBelow($drop + self::TOLERANCE_MM);
        $rearTooHigh = fn (float $drop): float => $rear->chanceBelow($drop - self::TOLERANCE_MM);

        return Chances::ofOutside(
            $front->averageOver($rearTooLow, -INF, $lowest),
            $front->averageOver($rearTooHigh, -INF, $lowest) + 1.0 - $front->chanceBelow($lowest),
        );
    }

    private function printed(Normal $value, LengthPrinter $print): string
    {
        return sprintf(
            'rear %s %s than front %s',
            $print->nearest(Length::ofMillimetres(abs($value->mean()))),
            $value->mean() < 0 ? 'less' : 'more',
            $print->doubt(Length::ofMillimetres($value->deviation())),
        );
    }

    private function advice(Chances $chances, StanceHeights $heights, LengthPrinter $print): string
    {
        $full = $print->nearest($heights->at(Stance::Alone, Axle::Front)?->height() ?? Length::zero());
        $front = $this->drop($heights, Axle::Front)->mean();

        return match ($chances->verdict()) {
            Verdict::Short => $this->moreTension($heights, $full, $print),
            Verdict::Over => $this->floor === SquatFloor::AloneHeight && $front > 0
                ? "Less tension: the front stands below its alone height, {$full}. Stop at full return, even where both ends do not match."
                : 'Less tension: the front dropped more than the rear.',
            Verdict::InBand => sprintf('Leave it: both ends are down alike within %s.', $print->nearest($this->tolerance())),
            default => sprintf('Cannot tell: %s. %s', $chances->inWords(), $this->settle->sentence(
                $heights,
                Axle::cases(),
                fn (StanceHeights $then): Chances => $this->chances($this->drop($then, Axle::Front), $this->drop($then, Axle::Rear)),
            )),
        };
    }

    private function moreTension(StanceHeights $heights, string $full, LengthPrinter $print): string
    {
        $left = $this->rearExcessAtFullReturn($heights);
        if ($this->floor === SquatFloor::HitchSheet) {
            return 'More tension, as far as the hitch sheet asks: the rear dropped more than the front.';
        }
        if ($left !== null && $left > self::TOLERANCE_MM) {
            return sprintf('Not to be met on this rig: with the front back at %s the rear would still be down about %s. Stop at full return.', $full, $print->nearest(Length::ofMillimetres($left)));
        }

        return "More tension: the rear dropped more than the front. Stop when the front is back at its alone height, {$full}.";
    }

    /**
     * How far the rear would be down, mm, when tension has brought the front just back to alone: the straight line
     * through dropped and carried. Null where dropped is missing or the bars moved the front too little to draw it.
     */
    private function rearExcessAtFullReturn(StanceHeights $heights): ?float
    {
        $points = [];
        foreach ([Stance::Dropped, Stance::Carried] as $stance) {
            foreach (Axle::cases() as $axle) {
                $points[] = $heights->rise($stance, $axle)?->millimetres();
            }
        }
        [$frontDropped, $rearDropped, $frontCarried, $rearCarried] = $points;
        if ($frontDropped === null || $rearDropped === null || $frontCarried === null || $rearCarried === null || $frontDropped - $frontCarried < 3.0) {
            return null;
        }

        return -($rearCarried + ($rearCarried - $rearDropped) * $frontCarried / ($frontDropped - $frontCarried));
    }
}

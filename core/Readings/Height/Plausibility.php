<?php

declare(strict_types=1);

namespace Yoke\Readings\Height;

use Yoke\Rig\Axle;
use Yoke\Rig\Stance;
use Yoke\Units\Text\LengthPrinter;

/**
 * Holds the heights of the three stances against what coupling and tensioning do to any rig: the tongue weight
 * lifts the front and drops the rear, the bars bring both part of the way back.
 *
 * Nothing is refused here. A height is questioned when it goes the wrong way by more than three standard
 * deviations, or further than any rig moves.
 */
final readonly class Plausibility
{
    private const DEVIATIONS = 3.0;

    private const FARTHEST_MM = 200.0;

    private const SIDES_APART_MM = 25.0;

    public function __construct(private LengthPrinter $print)
    {
    }

    /** @return list<Caution> at most one for each stance and axle */
    public function cautions(StanceHeights $heights): array
    {
        $cautions = [];
        foreach ([Stance::Dropped, Stance::Carried] as $stance) {
            foreach (Axle::cases() as $axle) {
                $sentence = $this->tooFar($heights, $stance, $axle)
                    ?? ($stance === Stance::Dropped ? $this->droppedTheWrongWay($heights, $axle) : $this->carriedTheWrongWay($heights, $axle));
                if ($sentence !== null) {
                    $cautions[] = new Caution($stance, $axle, $sentence);
                }
            }
        }

        return $cautions;
    }

    /** Whether the two fenders of one axle can stand so far apart. */
    public function sides(HeightReading $left, HeightReading $right): ?string
    {
        $apart = $left->height()->minus($right->height())->absolute();

        return $apart->millimetres() <= self::SIDES_APART_MM
            ? null
            : sprintf('Left and right differ by %s. Read both again; is the ground level, and are the tyres at pressure?', $this->print->nearest($apart));
    }

    private function tooFar(StanceHeights $heights, Stance $stance, Axle $axle): ?string
    {
        $rise = $heights->rise($stance, $axle);
        if ($rise === null || abs($rise->millimetres()) <= self::FARTHEST_MM) {
            return null;
        }

        return sprintf('This is %s from the alone height, farther than a rig moves. Expected a whole inch or unit slip: read it again.', $this->print->change($rise));
    }

    private function droppedTheWrongWay(StanceHeights $heights, Axle $axle): ?string
    {
        $alone = $heights->at(Stance::Alone, $axle);
        $dropped = $heights->at(Stance::Dropped, $axle);
        $up = $axle === Axle::Front ? 1 : -1;
        if ($alone === null || $dropped === null || ! $this->wrongWay($alone, $dropped, $up)) {
            return null;
        }

        return $axle === Axle::Front
            ? sprintf('Coupling lifts the front: expected more than its alone height, %s. Read both again; is the jack right up?', $this->print->nearest($alone->height()))
            : sprintf('Coupling drops the rear: expected less than its alone height, %s. Read both again; is the jack right up?', $this->print->nearest($alone->height()));
    }

    private function carriedTheWrongWay(StanceHeights $heights, Axle $axle): ?string
    {
        $dropped = $heights->at(Stance::Dropped, $axle);
        $carried = $heights->at(Stance::Carried, $axle);
        if ($dropped === null || $carried === null) {
            return null;
        }
        if ($this->isDroppedTypedTwice($heights)) {
            return 'The same as dropped at both ends: bars slack, or dropped typed in place of carried?';
        }
        $up = $axle === Axle::Front ? -1 : 1;
        if (! $this->wrongWay($dropped, $carried, $up)) {
            return null;
        }

        return $axle === Axle::Front
            ? sprintf('The bars bring the front down: expected less than dropped, %s. Are dropped and carried swapped?', $this->print->nearest($dropped->height()))
            : sprintf('The bars bring the rear up: expected more than dropped, %s. Are dropped and carried swapped?', $this->print->nearest($dropped->height()));
    }

    private function isDroppedTypedTwice(StanceHeights $heights): bool
    {
        foreach (Axle::cases() as $axle) {
            $dropped = $heights->at(Stance::Dropped, $axle)?->height()->millimetres();
            $carried = $heights->at(Stance::Carried, $axle)?->height()->millimetres();
            if ($dropped === null || $carried === null || abs($dropped - $carried) > 0.01) {
                return false;
            }
        }

        return true;
    }

    /** @param  int  $up 1 when the fender should rise from the one to the other, -1 when it should fall */
    private function wrongWay(HeightReading $from, HeightReading $to, int $up): bool
    {
        $moved = ($to->height()->millimetres() - $from->height()->millimetres()) * $up;

        return $moved < -self::DEVIATIONS * hypot($from->doubt()->millimetres(), $to->doubt()->millimetres());
    }
}

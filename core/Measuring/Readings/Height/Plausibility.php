<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/**
 * Holds the heights of the three stances against what coupling and tensioning do to any rig: the tongue weight
 * lifts the front and drops the rear, the bars bring both part of the way back.
 *
 * Nothing is refused here. A height is questioned when it goes the wrong way by more than three standard
 * deviations, or further than any rig moves; or where coupling moved nothing at all.
 */
final readonly class Plausibility
{
    private const DEVIATIONS = 3.0;

    private const FARTHEST_MM = 200.0;

    private const SIDES_APART_MM = 25.0;

    /** @return list<Caution> at most one for each stance and axle */
    public function cautions(StanceHeights $heights): array
    {
        $cautions = [];
        foreach ([Stance::Dropped, Stance::Carried] as $stance) {
            foreach (Axle::cases() as $axle) {
                $cautions[] =
                    $this->tooFar($heights, $stance, $axle) ??
                    ($stance === Stance::Dropped
                        ? $this->droppedTheWrongWay($heights, $axle)
                        : $this->carriedTheWrongWay($heights, $axle));
            }
        }

        return array_values(array_filter($cautions, static fn (?Caution $caution): bool => $caution !== null));
    }

    /** How far the two fenders of one axle stand apart, where that is farther than they can; else null. */
    public function sidesApart(HeightReading $left, HeightReading $right): ?Length
    {
        $apart = $left->height()->minus($right->height())->absolute();

        return $apart->millimetres() <= self::SIDES_APART_MM ? null : $apart;
    }

    private function tooFar(StanceHeights $heights, Stance $stance, Axle $axle): ?Caution
    {
        $rise = $heights->rise($stance, $axle);

        return $rise === null || abs($rise->millimetres()) <= self::FARTHEST_MM
            ? null
            : new Caution($stance, $axle, CautionKind::TooFar, $rise);
    }

    private function droppedTheWrongWay(StanceHeights $heights, Axle $axle): ?Caution
    {
        $alone = $heights->at(Stance::Alone, $axle);
        $dropped = $heights->at(Stance::Dropped, $axle);
        $up = $axle === Axle::Front ? 1 : -1;
        if ($alone !== null && $axle === Axle::Rear && $this->movedNothing($heights)) {
            return new Caution(Stance::Dropped, $axle, CautionKind::NothingMoved, $alone->height());
        }

        return $alone === null || $dropped === null || ! $this->wrongWay($alone, $dropped, $up)
            ? null
            : new Caution(
                Stance::Dropped,
                $axle,
                $axle === Axle::Front ? CautionKind::FrontNotLifted : CautionKind::RearNotDropped,
                $alone->height(),
            );
    }

    private function carriedTheWrongWay(StanceHeights $heights, Axle $axle): ?Caution
    {
        $dropped = $heights->at(Stance::Dropped, $axle);
        $carried = $heights->at(Stance::Carried, $axle);
        if ($dropped === null || $carried === null) {
            return null;
        }
        $kind = match (true) {
            $this->isDroppedTypedTwice($heights) => CautionKind::SameAsDropped,
            ! $this->wrongWay($dropped, $carried, $axle === Axle::Front ? -1 : 1) => null,
            default => $axle === Axle::Front ? CautionKind::FrontNotBroughtDown : CautionKind::RearNotBroughtUp,
        };

        return $kind === null ? null : new Caution(Stance::Carried, $axle, $kind, $dropped->height());
    }

    /** Whether the coupled rig stands at both ends as it does alone, within the doubt of both readings. */
    private function movedNothing(StanceHeights $heights): bool
    {
        foreach (Axle::cases() as $axle) {
            $alone = $heights->at(Stance::Alone, $axle);
            $dropped = $heights->at(Stance::Dropped, $axle);
            if (
                $alone === null ||
                $dropped === null ||
                abs($dropped->height()->millimetres() - $alone->height()->millimetres()) >
                    hypot($alone->doubt()->millimetres(), $dropped->doubt()->millimetres())
            ) {
                return false;
            }
        }

        return true;
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

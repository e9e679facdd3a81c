<?php

declare(strict_types=1);

namespace Yoke\Judgement\Head;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Term;

/** The bar that goes into the receiver: its holes for the head, and whether it can be turned over. */
final readonly class Shank
{
    /**
     * @param  Length|null  $firstHole  from the receiver's centre to where the ball comes with the head in the first
     *     hole, in drop; down positive; null where it is not used so
     * @param  Length  $spacing  between holes; above 0
     * @param  int  $holes  how many positions the head can take; 1 or more
     * @param  Length|null  $turnedOver  as firstHole, in rise; up positive
     */
    public function __construct(
        private ?Length $firstHole,
        private Length $spacing,
        private int $holes,
        private ?Length $turnedOver,
    ) {
    }

    /**
     * Every way to bolt the head, nearest to the wanted ball height first.
     *
     * @return list<ShankPlace>
     */
    public function places(Length $receiver, Length $wanted, TailClearance $clearance): array
    {
        $places = [];
        for ($hole = 1; $hole <= $this->holes; $hole++) {
            foreach (['drop', 'rise'] as $turned) {
                $place = $this->place($turned, (float) $hole, $receiver, $wanted, $clearance);
                $places = $place === null ? $places : [...$places, $place];
            }
        }
        usort(
            $places,
            static fn (ShankPlace $one, ShankPlace $other): int => $one->residual()->absolute()->millimetres() <=>
                $other->residual()->absolute()->millimetres(),
        );

        return $places;
    }

    /**
     * One way to bolt it, in a hole or between two; null where the shank is not used so, or has no such hole.
     *
     * @param  'drop'|'rise'  $turned
     * @param  float  $hole  counted from the receiver, from 1
     */
    public function place(
        string $turned,
        float $hole,
        Length $receiver,
        Length $wanted,
        TailClearance $clearance,
    ): ?ShankPlace {
        $first = $turned === 'drop' ? $this->firstHole?->negated() : $this->turnedOver;
        if ($first === null || $hole < 1.0 || $hole > $this->holes) {
            return null;
        }
        $on = $hole - 1.0;
        $step = $this->spacing->times($turned === 'drop' ? -$on : $on);
        $ball = $receiver->plus($first)->plus($step);

        return new ShankPlace(
            $turned,
            $receiver,
            $hole,
            (int) floor($turned === 'drop' ? $on : $this->holes - $hole),
            $ball,
            $wanted,
            [
                new Term('shank.receiver', $receiver),
                new Term("shank.first_hole_{$turned}", $first),
                new Term('shank.holes_on', $step, ['holes' => $on]),
            ],
            $clearance->inTheWay($ball),
        );
    }
}

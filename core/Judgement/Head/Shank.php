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
        $ways = ['drop' => $this->firstHole?->negated(), 'rise' => $this->turnedOver];
        $places = [];
        for ($hole = 0; $hole < $this->holes; $hole++) {
            foreach ($ways as $turned => $first) {
                if ($first !== null) {
                    $step = $this->spacing->times($turned === 'drop' ? -$hole : $hole);
                    $ball = $receiver->plus($first)->plus($step);
                    $places[] = new ShankPlace(
                        $turned,
                        $receiver,
                        $hole + 1,
                        $turned === 'drop' ? $hole : $this->holes - 1 - $hole,
                        $ball,
                        $wanted,
                        [
                            new Term('shank.receiver', $receiver),
                            new Term("shank.first_hole_{$turned}", $first),
                            new Term('shank.holes_on', $step, ['holes' => $hole]),
                        ],
                        $clearance->inTheWay($ball),
                    );
                }
            }
        }
        usort(
            $places,
            static fn (ShankPlace $one, ShankPlace $other): int => $one->residual()->absolute()->millimetres() <=>
                $other->residual()->absolute()->millimetres(),
        );

        return $places;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Plan;

use Yoke\Measure\Length;

/** The bar that goes into the receiver: its holes for the head, and whether it can be turned over. */
final readonly class Shank
{
    /**
     * @param  Length|null  $firstHole  from the receiver's centre to where the ball comes with the head in the first hole, in drop; down positive; null where it is not used so
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
    public function places(Length $receiver, Length $wanted): array
    {
        $places = [];
        for ($hole = 0; $hole < $this->holes; $hole++) {
            $step = $this->spacing->times($hole);
            if ($this->firstHole !== null) {
                $places[] = new ShankPlace('drop', $hole + 1, $hole, $receiver->minus($this->firstHole)->minus($step), $wanted);
            }
            if ($this->turnedOver !== null) {
                $places[] = new ShankPlace('rise', $hole + 1, $this->holes - 1 - $hole, $receiver->plus($this->turnedOver)->plus($step), $wanted);
            }
        }
        usort($places, static fn (ShankPlace $one, ShankPlace $other): int => $one->residual()->absolute()->millimetres() <=> $other->residual()->absolute()->millimetres());

        return $places;
    }
}

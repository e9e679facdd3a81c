<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

use Yoke\Mechanics\Statics\Bars;

/** A hitch as it truly is: chains that lean, play, and a head that gives. */
final readonly class TrueHitch
{
    /** A chain so long does not show that it leans, mm. */
    private const LONG_MM = 1e7;

    /**
     * @param  float  $chain  length of the chain that holds a bar, mm, above 0
     * @param  float  $lean  how far ahead of the bar's eye its bracket stands, mm
     * @param  float  $play  bend that is lost once the bars are loaded, mm, 0 or more
     * @param  float  $give  bend that the head takes up for each kg on one bar, mm/kg, 0 or more
     * @param  float  $unlike  how much farther one side is taken up than the other, mm, 0 or more
     */
    public function __construct(
        public Bars $bars,
        public float $chain = self::LONG_MM,
        public float $lean = 0.0,
        private float $play = 0.0,
        private float $give = 0.0,
        private float $unlike = 0.0,
    ) {
    }

    /**
     * What all bars pull at their eyes, kg.
     *
     * @param  float  $stretch  how much shorter the chains are than where they have to reach, the middle of both sides,
     *     mm
     */
    public function pull(float $stretch): float
    {
        $bend =
            0.5 *
            (max(0.0, $stretch + 0.5 * $this->unlike - $this->play) +
                max(0.0, $stretch - 0.5 * $this->unlike - $this->play));

        return ($this->bars->count * $bend * $this->bars->rate) / (1.0 + $this->give * $this->bars->rate);
    }
}

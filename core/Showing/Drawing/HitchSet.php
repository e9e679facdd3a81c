<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

/** How a hitch is set, as far as it is known; the rest is drawn as usual. All in mm. */
final readonly class HitchSet
{
    /**
     * @param  float  $bend  how far the bars are bent up at their hook-up point; 0 or more
     * @param  float  $tipDrop  how far the bars' eyes stand below their line at the head
     * @param  float|null  $bracket  brackets behind the ball; null at the bar arm
     * @param  float  $receiver  receiver above the ball's height; below it is negative
     * @param  'drop'|'rise'  $turned  how the shank stands
     * @param  float  $hole  that the head is bolted at, counted from the receiver, from 1
     * @param  int  $holes  of the shank
     */
    public function __construct(
        public float $bend = 40.0,
        public float $tipDrop = 0.0,
        public ?float $bracket = null,
        public float $receiver = 40.0,
        public string $turned = 'drop',
        public float $hole = 2.0,
        public int $holes = 4,
        public float $holeSpacing = 32.0,
        public Tensioner $tensioner = Tensioner::SpringBars,
    ) {
    }
}

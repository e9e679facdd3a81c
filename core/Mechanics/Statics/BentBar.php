<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Statics;

/**
 * A spring bar as it is bent: a cantilever held in the head and pulled up at its hook-up point (docs/model.md, Bars in
 * place). Along the trailer's frame, from the ball; up positive; mm.
 */
final readonly class BentBar
{
    /**
     * @param  float  $length  from the ball's centre to the hook-up eye along the unloaded bar; above 0
     * @param  float  $tipDrop  how far the eye stands below the bar's line at the head, as bent
     * @param  float  $bend  how far the eye is bent up; 0 or more
     */
    public function __construct(private float $length, private float $tipDrop, private float $bend)
    {
    }

    /** How high the bar stands over its line at the head, so far along it; an end-loaded cantilever. */
    public function heightAt(float $along): float
    {
        $share = $along / $this->length;

        return -($this->tipDrop + $this->bend) * $share + $this->bend * (($share ** 2 * (3 - $share)) / 2);
    }

    /**
     * How far behind the ball the eye stands along the frame: the length less what slope and bend take of it, half the
     * mean square of the slope.
     */
    public function eyeDistance(): float
    {
        $slope = ($this->tipDrop + $this->bend) / $this->length;

        return $this->length -
            ($slope ** 2 * $this->length - 2 * $slope * $this->bend + (1.2 * $this->bend ** 2) / $this->length) / 2;
    }
}

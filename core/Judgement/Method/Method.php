<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Foundation\Units\Bounds;
use Yoke\Mechanics\Statics\Attitude;

/** A school of judging a carried rig: a quantity, and the range in which it is right. Any of them can govern a job. */
interface Method
{
    public function criterion(): Criterion;

    /**
     * What it looks at: a straight line in the tension of taut bars.
     *
     * @param  float  $lost  share of the front axle load that levelling takes back later; 0 without
     */
    public function quantity(Attitude $carried, float $lost): float;

    /** Between which it is right. */
    public function range(float $lost): Bounds;

    public function chances(StanceQuantities $of): Chances;

    /** Whether its goal is sought with the head's holes as well as with the bars. */
    public function movesTheHead(): bool;
}

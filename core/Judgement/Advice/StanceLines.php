<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Judgement\Method\StanceQuantities;

/**
 * What a method looks at, along the tension: a straight line for all stories together, then one for each.
 *
 * @internal to the evaluator
 */
final readonly class StanceLines
{
    /**
     * @param  list<StraightLine>  $own  of the method's quantity
     * @param  list<StraightLine>  $shares  of the share restored
     * @param  list<StraightLine>  $bends  of the bars' bend; the shares where the method does not ask for it
     * @param  float  $lost  share of the front axle load that levelling takes
     * @param  float  $ceiling  the most that may ever be restored
     */
    public function __construct(
        private array $own,
        private array $shares,
        private array $bends,
        private float $lost,
        private float $ceiling,
    ) {
    }

    /**
     * @param  int  $i  0 for all stories together, then the place of each from 1
     * @param  float  $tension  over the reference setting's, mm
     */
    public function at(int $i, float $tension): StanceQuantities
    {
        $share = $this->shares[$i]->at($tension);

        return new StanceQuantities(
            $this->own === $this->shares ? $share : $this->own[$i]->at($tension),
            $share,
            $this->bends === $this->shares ? $share : $this->bends[$i]->at($tension),
            $this->lost,
            $this->ceiling,
        );
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

use Closure;
use Yoke\Foundation\Probability\Normal;
use Yoke\Mechanics\Statics\CoupledRig;

/**
 * The likely rig, and beside it the rigs with one parameter a deviation up or down: what the doubt of each is worth.
 */
final readonly class RigSpread
{
    /**
     * @param  float  $tension  of the reference setting, mm
     * @param  list<RigVariant>  $up  with one parameter a deviation up, in the order of the prior's parameters
     * @param  list<RigVariant>  $down  with the same a deviation down
     */
    public function __construct(
        private CoupledRig $likely,
        private float $tension,
        private array $up,
        private array $down,
    ) {
    }

    public function likely(): CoupledRig
    {
        return $this->likely;
    }

    /**
     * What a quantity of the model comes to, with the doubt that all parameters give it: half the difference between
     * one deviation up and one down, parameter by parameter.
     *
     * @param  Closure(CoupledRig, float): float  $quantity  of a rig and the tension of its reference setting, mm
     */
    public function predict(Closure $quantity): Normal
    {
        $variance = array_sum(array_map(static fn (float $doubt): float => $doubt ** 2, $this->doubts($quantity)));

        return Normal::of($quantity($this->likely, $this->tension), sqrt($variance));
    }

    /**
     * What the doubt of each parameter is worth in a quantity, 0 or more, in the order of the prior's parameters.
     *
     * @param  Closure(CoupledRig, float): float  $quantity  as in predict
     * @return list<float>
     */
    public function doubts(Closure $quantity): array
    {
        return array_map(
            static fn (RigVariant $up, RigVariant $down): float => abs(
                $quantity($up->rig, $up->tension) - $quantity($down->rig, $down->tension),
            ) / 2,
            $this->up,
            $this->down,
        );
    }
}

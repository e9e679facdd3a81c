<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

use Yoke\Mechanics\Statics\CoupledRig;

/** A rig as it may be, with the tension of its reference setting, mm. */
final readonly class RigVariant
{
    public function __construct(public CoupledRig $rig, public float $tension)
    {
    }
}

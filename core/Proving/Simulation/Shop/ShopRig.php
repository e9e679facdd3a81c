<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Shop;

use Yoke\Job\Experience\Subject;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Proving\Simulation\Contest\SampledRig;

/** A rig that comes to a simulated shop: whose it is, what the textbook says of it, and what the advice is told. */
final readonly class ShopRig
{
    public function __construct(public Subject $subject, public RigPrior $textbook, public SampledRig $lot)
    {
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Plan;

use Yoke\Measure\Length;
use Yoke\Measure\Load;

/** One term of a derivation, with this rig's own number. */
final readonly class Term
{
    public function __construct(public string $says, public Length|Load $comesTo)
    {
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Units;

/** One term of a derivation, with this rig's own number. */
final readonly class Term
{
    /** @param  Length|Load|Angle|float  $comesTo  a bare number is a share */
    public function __construct(public string $says, public Length|Load|Angle|float $comesTo)
    {
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units;

/** One term of a derivation, with this rig's own number. */
final readonly class Term
{
    /**
     * @param  string  $of  the key of what it is
     * @param  Length|Load|Angle|float  $comesTo  a bare number is a share
     * @param  array<string, int|float|string>  $with  figures and keys that its words need
     */
    public function __construct(public string $of, public Length|Load|Angle|float $comesTo, public array $with = [])
    {
    }
}

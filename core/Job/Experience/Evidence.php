<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

/** What one finished job told of one quantity, by its readings alone. */
final readonly class Evidence
{
    /**
     * @param  string  $group  that it is compared in: a class of vehicles, a family, a body
     * @param  string  $item  of the vehicle, hitch or trailer
     * @param  float  $off  from what is usual, in the logarithm, or mm of tension
     * @param  float  $doubt  one deviation of it, above 0
     */
    public function __construct(
        public Source $source,
        public string $group,
        public string $item,
        public float $off,
        public float $doubt,
    ) {
    }
}

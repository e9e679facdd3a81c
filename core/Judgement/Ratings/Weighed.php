<?php

declare(strict_types=1);

namespace Yoke\Judgement\Ratings;

use Yoke\Foundation\Units\Load;

/** What was weighed or counted of a rig besides its trailer. */
final readonly class Weighed
{
    /**
     * @param  Load|null  $front  what the front axle carries alone; null where not weighed
     * @param  Load|null  $rear  as front
     * @param  Load|null  $aboard  people, cargo and hitch on the vehicle; null where not known
     * @param  int  $trailerAxles  1 to 3
     */
    public function __construct(
        public ?Load $front,
        public ?Load $rear,
        public ?Load $aboard,
        public int $trailerAxles,
    ) {
    }

    public static function nothing(int $trailerAxles = 1): self
    {
        return new self(null, null, null, $trailerAxles);
    }
}

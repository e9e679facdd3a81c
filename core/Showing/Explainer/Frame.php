<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer;

use Yoke\Mechanics\Statics\Attitude;

/** The example rig as it stands at one place of its knobs. */
final readonly class Frame
{
    /**
     * @param  Attitude|null  $carried  null where no bars are on
     * @param  list<Figure>  $figures  worth saying, in their order
     * @param  list<string>  $notes  what holds there besides, by keys
     * @param  float  $loadAt  where something stands in the trailer, mm ahead of its axle; only where one is taken hold
     *     of
     */
    public function __construct(
        public Attitude $dropped,
        public ?Attitude $carried,
        public array $figures,
        public array $notes = [],
        public float $loadAt = 0.0,
    ) {
    }
}

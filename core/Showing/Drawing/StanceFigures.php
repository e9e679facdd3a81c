<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

use Yoke\Rig\Parts\Stance;

/** The rig drawn in one stance. */
final readonly class StanceFigures
{
    /**
     * @param  non-empty-list<Figure>  $vehicle  body first
     * @param  non-empty-list<Figure>  $trailer  A-frame first, then the body
     * @param  list<Figure>  $hitch
     * @param  array{front: Point, rear: Point}  $arches  the tops of the wheel arches
     */
    public function __construct(
        public Stance $stance,
        public array $vehicle,
        public array $trailer,
        public array $hitch,
        public array $arches,
    ) {
    }
}

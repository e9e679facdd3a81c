<?php

declare(strict_types=1);

namespace Yoke\Readings\Height;

use Yoke\Rig\Axle;
use Yoke\Rig\Stance;
use Yoke\Units\Length;

/** A reading that can be read but is hard to believe. */
final readonly class Caution
{
    /** @param  Length  $length  the height it is held against; how far it is off, of one that is too far */
    public function __construct(
        public Stance $stance,
        public Axle $axle,
        public CautionKind $kind,
        public Length $length,
    ) {
    }
}

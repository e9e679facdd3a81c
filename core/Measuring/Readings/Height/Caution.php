<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

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

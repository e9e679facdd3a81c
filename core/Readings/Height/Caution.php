<?php

declare(strict_types=1);

namespace Yoke\Readings\Height;

use Yoke\Rig\Axle;
use Yoke\Rig\Stance;

/** A reading that can be read but is hard to believe, and what to do about it. */
final readonly class Caution
{
    public function __construct(public Stance $stance, public Axle $axle, public string $sentence)
    {
    }
}

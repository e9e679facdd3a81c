<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

/** How well a family suits something that is asked of a hitch. The value is its key in words. */
enum Suits: string
{
    case Well = 'well';
    case Partly = 'partly';
    case Poorly = 'poorly';

    /** 0 to 1. */
    public function worth(): float
    {
        return match ($this) {
            self::Well => 1.0,
            self::Partly => 0.5,
            self::Poorly => 0.0,
        };
    }
}

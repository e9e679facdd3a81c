<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Reading;

use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\LoadUnit;

/**
 * Which reading an observation is, so that one in doubt is named as what it is: a fender in its stance, an axle on its
 * ticket.
 */
final readonly class ReadingIdentity
{
    private function __construct(
        /** The reading's own, unique among the readings of a job. */
        public string $key,
        /** Of its stance, from 1. */
        public int $hookUp,
        /** The weighing that it stands on beside other axles; an empty text where it stands alone. */
        public string $ticket,
        /** The unit in which it was read. */
        public LengthUnit|LoadUnit $unit,
        /** What was taped together, the rig not being moved; an empty text where it stands alone. */
        public string $standing = '',
        /** When it was read, in hours of any clock; null where nobody knows. */
        public ?float $hours = null,
    ) {
    }

    /**
     * @param  string  $standing  what was taped without the rig being moved; an empty text where it stands alone
     * @param  float|null  $hours  when, of any clock
     */
    public static function height(
        string $key,
        int $hookUp = 1,
        LengthUnit $unit = LengthUnit::Millimetre,
        string $standing = '',
        ?float $hours = null,
    ): self {
        return new self($key, $hookUp, '', $unit, $standing, $hours);
    }

    public static function load(
        string $key,
        int $hookUp = 1,
        string $ticket = '',
        LoadUnit $unit = LoadUnit::Kilogram,
    ): self {
        return new self($key, $hookUp, $ticket, $unit);
    }

    /** One that nobody will ask for. */
    public static function none(): self
    {
        return new self('', 1, '', LengthUnit::Millimetre);
    }

    public static function named(string $key): self
    {
        return new self($key, 1, '', LengthUnit::Millimetre);
    }
}

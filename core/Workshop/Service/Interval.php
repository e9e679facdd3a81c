<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service;

/** How long something lasts: a time, or a distance too, whichever comes first. */
final readonly class Interval
{
    /**
     * @param  float|null  $kilometres  above 0; null: no distance counts
     * @param  int  $days  above 0
     */
    private function __construct(public ?float $kilometres, public int $days)
    {
    }

    public static function ofDays(int $days): self
    {
        return new self(null, $days);
    }

    public static function whicheverFirst(?float $kilometres, int $days): self
    {
        return new self($kilometres, $days);
    }
}

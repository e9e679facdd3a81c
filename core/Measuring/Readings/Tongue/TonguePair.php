<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Tongue;

/** Two readings that cannot both be right. */
final readonly class TonguePair
{
    public function __construct(public TongueReading $one, public TongueReading $other)
    {
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Procedure;

/** What is done at a station, and the caution that belongs to the hand there. */
final readonly class StationGuide
{
    /** @param  list<string>  $steps in order, a sentence each */
    public function __construct(public array $steps, public string $caution)
    {
    }
}

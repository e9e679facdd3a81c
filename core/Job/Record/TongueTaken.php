<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\LoadUnit;

/** A tongue's weight with the trailer level, as scales and levers tell it together. */
final readonly class TongueTaken
{
    /**
     * @param  Normal  $level  kg
     * @param  string  $key  its own among the readings of the job
     * @param  LoadUnit  $unit  that it was read in last
     */
    public function __construct(public Normal $level, public string $key, public LoadUnit $unit = LoadUnit::Kilogram)
    {
    }
}

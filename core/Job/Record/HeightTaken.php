<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Foundation\Units\LengthUnit;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** A fender's height as somebody taped it. */
final readonly class HeightTaken
{
    /**
     * @param  int  $round  of its stance, from 1: what is taped in one round is taped without the rig being moved
     * @param  HeightReading  $reading  with what it is doubted by
     * @param  string  $key  its own among the readings of the job
     * @param  LengthUnit  $unit  that it was read in
     * @param  float  $ballMoved  dropped, how much higher the unloaded ball stood than at the reference setting, mm
     * @param  float|null  $hours  when, of any clock that runs through the job; null where nobody knows
     */
    public function __construct(
        public Stance $stance,
        public int $round,
        public Axle $axle,
        public HeightReading $reading,
        public string $key,
        public LengthUnit $unit = LengthUnit::Millimetre,
        public float $ballMoved = 0.0,
        public ?float $hours = null,
    ) {
    }
}

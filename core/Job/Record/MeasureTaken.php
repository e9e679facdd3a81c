<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Readings\Sight\Seen;
use Yoke\Rig\Parts\Stance;

/** What else was read in a stance, as its instrument shows it. */
final readonly class MeasureTaken
{
    /**
     * @param  int  $round  of its stance, from 1
     * @param  Observed  $observed  by its instrument: a coupler's height is read for how far it rose, an angle for
     *     which end is up
     * @param  float  $value  as it was read: mm over the ground, kg, or degrees nose-up
     * @param  string  $key  its own among the readings of the job
     * @param  LengthUnit|LoadUnit|null  $unit  that it was read in; null for degrees
     * @param  float  $ballMoved  dropped, how much higher the unloaded ball stood than at the reference setting, mm
     * @param  Seen|null  $seen  what somebody said who judged by eye; null of what was read
     * @param  float|null  $rearEnd  of two heights of the trailer's frame the one at its rear; the value is the one in
     *     front then, both mm
     */
    public function __construct(
        public Stance $stance,
        public int $round,
        public Observed $observed,
        public float $value,
        public string $key,
        public LengthUnit|LoadUnit|null $unit = null,
        public float $ballMoved = 0.0,
        public ?Seen $seen = null,
        public ?float $rearEnd = null,
    ) {
    }

    public function lengthUnit(): LengthUnit
    {
        return $this->unit instanceof LengthUnit ? $this->unit : LengthUnit::Millimetre;
    }

    public function loadUnit(): LoadUnit
    {
        return $this->unit instanceof LoadUnit ? $this->unit : LoadUnit::Kilogram;
    }
}

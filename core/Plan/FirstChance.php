<?php

declare(strict_types=1);

namespace Yoke\Plan;

use Yoke\Measure\Gaussian;
use Yoke\Rig\Adjuster\Setting;

/** What a setting promises before anything is taped. */
final readonly class FirstChance
{
    /**
     * @param  Gaussian  $share  of the front axle load put back
     * @param  float  $inBand  chance to land in band at the first hook-up
     * @param  float  $over  chance to leave the front heavier than alone
     * @param  float  $overAllowed  above which it is not advised
     */
    public function __construct(
        public Setting $setting,
        public Gaussian $share,
        public float $inBand,
        public float $over,
        private float $overAllowed,
    ) {
    }

    public function allowed(): bool
    {
        return $this->over <= $this->overAllowed;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Proving\Simulation\World\Mishaps;
use Yoke\Proving\Simulation\World\TrueSetUp;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;

/** One rig of the contest: what is true of it, what goes wrong, and what a player is told. */
final readonly class SampledRig
{
    private const CLOSELY_MM = 10.0;

    /**
     * @param  Adjusters  $adjusters  as the hitch's sheet has them
     * @param  RigPrior  $told  what is known before anything is taped
     * @param  int  $seed  of whatever is drawn while it is measured
     */
    public function __construct(
        public TrueSetUp $truth,
        public Mishaps $mishaps,
        public Adjusters $adjusters,
        public RigPrior $told,
        public int $seed,
    ) {
    }

    /** Whether the tension of the middle setting was taped: it is told closely then. */
    public function isTaped(): bool
    {
        return $this->told->worth(RigParameter::Tension->value, 0.0) < self::CLOSELY_MM;
    }

    /** Tension over that of the middle setting, by the sheet, mm. */
    public function tensionOffset(Setting $setting): float
    {
        return $this->adjusters->tensionBetween($this->adjusters->middle(), $setting, $this->told->known()->barArm);
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Plan;

use Yoke\Balance\CoupledRig;
use Yoke\Fit\RigPrior;
use Yoke\Measure\Angle;
use Yoke\Measure\Gaussian;

/**
 * How far above the level coupler the unloaded ball should stand, so that the trailer ends as wanted when carried; and
 * what the schools say beside it (docs/model.md, Ball height).
 */
final readonly class BallHeight
{
    /** The model is linear in ball height but for the dropped load that a share is taken of: three steps settle it. */
    private const STEPS = 3;

    private const TRIAL_RAISE = 10.0;

    public function __construct(private RigPrior $rig)
    {
    }

    /**
     * @param  float  $share  of the front axle load that the bars are to put back, 0 to 1
     * @param  Angle  $pitch  of the carried trailer, nose-up positive
     * @return Gaussian ball over level coupler, mm
     */
    public function forCarried(float $share, Angle $pitch): Gaussian
    {
        $raise = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $now = $this->pitchOff($this->rig->likelyRig($raise), $share, $pitch);
            $then = $this->pitchOff($this->rig->likelyRig($raise + self::TRIAL_RAISE), $share, $pitch);
            $raise -= $now * self::TRIAL_RAISE / ($then - $now);
        }
        $slope = ($this->pitchOff($this->rig->likelyRig($raise + self::TRIAL_RAISE), $share, $pitch)
            - $this->pitchOff($this->rig->likelyRig($raise), $share, $pitch)) / self::TRIAL_RAISE;
        $doubt = $this->rig->predict(fn (CoupledRig $rig): float => $this->pitchOff($rig, $share, $pitch), $raise);

        return Gaussian::of($this->rig->known()->ballOverCoupler + $raise, $doubt->deviation() / abs($slope));
    }

    /** @return list<School> */
    public function schools(): array
    {
        $perWeight = 3.0 * $this->rig->likely(RigPrior::TONGUE_WEIGHT) / 45.0;

        return [
            new School('3 mm for each 45 kg of tongue weight', $perWeight, $perWeight),
            new School('level with the coupler', 0.0, 0.0),
            new School('13 mm over', 13.0, 13.0),
            new School('25 mm over', 25.0, 25.0),
            new School('25 to 50 mm over', 25.0, 50.0),
        ];
    }

    /** How far the carried trailer is from the wanted pitch, rad. */
    private function pitchOff(CoupledRig $rig, float $share, Angle $pitch): float
    {
        return $rig->carried($rig->tensionFor($share))->trailerPitch - $pitch->radians();
    }
}

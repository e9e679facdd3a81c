<?php

declare(strict_types=1);

namespace Yoke\Judgement\Head;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Mechanics\Statics\CoupledRig;

/**
 * How far above the level coupler the unloaded ball should stand, so that the trailer ends as wanted when carried; and
 * what the schools say beside it (docs/model.md, Ball height).
 */
final readonly class BallHeight
{
    /** The model is linear in ball height but for the dropped load that a share is taken of: three steps settle it. */
    private const STEPS = 3;

    private const TRIAL_RAISE = 10.0;

    private RigPrior $rig;

    public function __construct(RigPrior $rig)
    {
        $this->rig = $rig->withExact(RigDimension::BallOverCoupler);
    }

    /**
     * @param  float  $share  of the front axle load that the bars are to restore, 0 to 1
     * @param  Angle  $pitch  of the carried trailer, nose-up positive
     * @return Normal ball over level coupler, mm
     */
    public function forCarried(float $share, Angle $pitch): Normal
    {
        $raise = 0.0;
        for ($i = 0; $i < self::STEPS; $i++) {
            $now = $this->pitchOff($this->rig->likelyRig($raise), $share, $pitch);
            $then = $this->pitchOff($this->rig->likelyRig($raise + self::TRIAL_RAISE), $share, $pitch);
            $raise -= ($now * self::TRIAL_RAISE) / ($then - $now);
        }
        $slope =
            ($this->pitchOff($this->rig->likelyRig($raise + self::TRIAL_RAISE), $share, $pitch) -
                $this->pitchOff($this->rig->likelyRig($raise), $share, $pitch)) /
            self::TRIAL_RAISE;
        $doubt = $this->rig->predict(fn (CoupledRig $rig): float => $this->pitchOff($rig, $share, $pitch), $raise);

        return Normal::of($this->rig->known()->ballOverCoupler + $raise, $doubt->deviation() / abs($slope));
    }

    /**
     * Where the height for a level trailer comes from: the terms of the model in the order they follow, the last one
     * the
     * height itself.
     *
     * @return non-empty-list<Term>
     */
    public function derivation(float $share): array
    {
        $advised = $this->forCarried($share, Angle::zero())->mean();
        $rig = $this->rig->likelyRig($advised - $this->rig->known()->ballOverCoupler);
        $carried = $rig->carried($rig->tensionFor($share));
        $groupSinks = $carried->trailerLoad()->kilograms() / $rig->trailer()->groupRate();
        $ballSinks =
            $rig->vehicle()->overhang * $carried->vehiclePitchAngle()->radians() -
            $carried->rearRise()->millimetres();

        return [
            new Term('ball.tongue_weight', Load::ofKilograms($rig->trailer()->tongueWeight)),
            new Term('ball.bars', $carried->barLoad(), ['share' => $share]),
            new Term('ball.load', Load::ofKilograms($carried->load)),
            new Term('ball.rear_gains', $carried->rearLoad()),
            new Term('ball.rear_sinks', $carried->rearRise()->negated(), [
                'rate' => $rig->vehicle()->rearRate,
            ]),
            new Term('ball.front_rises', $carried->frontRise(), [
                'rate' => $rig->vehicle()->frontRate,
            ]),
            new Term('ball.ball_sinks', Length::ofMillimetres($ballSinks)),
            new Term('ball.axles_sink', Length::ofMillimetres($groupSinks)),
            new Term('ball.over_coupler', Length::ofMillimetres($ballSinks - $groupSinks)),
        ];
    }

    /** @return list<BallHeightRule> */
    public function schools(): array
    {
        $perWeight = Length::ofMillimetres((3.0 * $this->rig->likely(RigParameter::TongueWeight->value)) / 45.0);
        [$inch, $half] = [Length::ofInches(1.0), Length::ofInches(0.5)];

        return [
            new BallHeightRule('by_tongue_weight', $perWeight, $perWeight),
            new BallHeightRule('level', Length::zero(), Length::zero()),
            new BallHeightRule('a_little_over', $half, $half),
            new BallHeightRule('over', $inch, $inch),
            new BallHeightRule('well_over', $inch, Length::ofInches(2.0)),
        ];
    }

    /** How far the carried trailer is from the wanted pitch, rad. */
    private function pitchOff(CoupledRig $rig, float $share, Angle $pitch): float
    {
        return $rig->carried($rig->tensionFor($share))->trailerPitch - $pitch->radians();
    }
}

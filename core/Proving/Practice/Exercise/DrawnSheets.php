<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Job\Planning\RigSpecification;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Specification\SpecificationSheet;

/** Specifications of a rig that was drawn; where its ball stands is added once that is known. */
final readonly class DrawnSheets
{
    /**
     * @param  array<string, float|string>  $vehicle
     * @param  array<string, float|string>  $trailer
     * @param  array<string, float|string>  $hitch
     * @param  float|null  $coupler  level coupler height, mm; null where nobody taped the ball
     */
    public function __construct(
        private Rig $rig,
        private array $vehicle,
        private array $trailer,
        private array $hitch,
        private ?float $coupler,
        private PriorDoubts $doubts,
    ) {
    }

    /** With the ball not told. */
    public function silent(): PracticeRig
    {
        return new PracticeRig($this->rig, $this->with(null), $this->with(null));
    }

    /** @param  float  $ballOverCoupler  as somebody taped it, mm */
    public function withBall(float $ballOverCoupler): PracticeRig
    {
        return new PracticeRig(
            $this->rig,
            $this->with($ballOverCoupler),
            $this->with($ballOverCoupler + HiddenRig::SHANK_MM),
        );
    }

    private function with(?float $ballOverCoupler): SpecifiedRig
    {
        $ball =
            $this->coupler === null || $ballOverCoupler === null
                ? []
                : ['ball_height_mm' => round($this->coupler + $ballOverCoupler)];

        return new SpecifiedRig(
            new RigSpecification(
                $this->rig,
                new SpecificationSheet($this->vehicle),
                new SpecificationSheet($this->trailer),
                new SpecificationSheet([...$this->hitch, ...$ball]),
            ),
            $this->doubts,
        );
    }
}

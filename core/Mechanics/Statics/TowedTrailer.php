<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Statics;

use Yoke\Expected;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;

/** The trailer as the model sees it: plain numbers in mm and kg. */
final readonly class TowedTrailer
{
    private const MOST_AXLES = 3;

    /** Rate of the whole group, kg per mm. */
    private float $groupRate;

    /** kg·mm per radian; 0 when equalised. */
    private float $pitchStiffness;

    /**
     * @param  float  $ballToAxle  ball to the centre of the axle group, mm, above 0
     * @param  float  $weight  gross trailer weight, kg
     * @param  float  $tongueWeight  level, bars off, kg
     * @param  float  $cgAboveAxle  mm
     * @param  non-empty-list<array{offset: float, rate: float}>  $axles  offset from the group centre, mm, positive
     *     ahead;
     *                                                                    rate in kg per mm. An equalised group is one
     * entry at 0.
     */
    public function __construct(
        public float $ballToAxle,
        public float $weight,
        public float $tongueWeight,
        public float $cgAboveAxle,
        public array $axles,
    ) {
        $problem = match (true) {
            ! ($ballToAxle > 0.0 && is_finite($ballToAxle)) => ['ballToAxle', Expected::of('model.ball_to_axle')],
            ! ($weight > 0.0 && is_finite($weight)) => ['weight', Expected::of('model.gross_weight')],
            ! ($tongueWeight > 0.0) => ['tongueWeight', Expected::of('model.tongue_weight')],
            ! ($tongueWeight < $weight) => ['tongueWeight', Expected::of('sheet.tongue_weight')],
            ! is_finite($cgAboveAxle) => ['cgAboveAxle', Expected::of('model.centre_of_gravity')],
            count($axles) > self::MOST_AXLES => ['axles', Expected::of('rig.axles')],
            default => null,
        };
        if ($problem !== null) {
            throw ImpossibleModel::at(...$problem);
        }
        [$rate, $stiffness] = [0.0, 0.0];
        foreach ($axles as $axle) {
            if (! ($axle['rate'] > 0.0 && is_finite($axle['rate']) && is_finite($axle['offset']))) {
                throw ImpossibleModel::at('axles', Expected::of('model.axle'));
            }
            $rate += $axle['rate'];
            $stiffness += $axle['rate'] * $axle['offset'] ** 2;
        }
        $this->groupRate = $rate;
        $this->pitchStiffness = $stiffness;
    }

    /** Rate of the whole group, kg per mm. */
    public function groupRate(): float
    {
        return $this->groupRate;
    }

    /** Pitch stiffness of the group, kg·mm per radian; 0 when equalised. */
    public function pitchStiffness(): float
    {
        return $this->pitchStiffness;
    }
}

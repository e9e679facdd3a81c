<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Units\Term;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Axle;

/** Where a predicted fender height comes from: what coupling and bars do to the axle, and its springs. */
final readonly class HeightTerms
{
    /** @return list<Term> the last one is the rise */
    public static function of(Attitude $attitude, Axle $axle): array
    {
        $isFront = $axle === Axle::Front;
        $dropped = $attitude->rig()->dropped();
        [$now, $before] = $isFront
            ? [$attitude->frontLoad(), $dropped->frontLoad()]
            : [$attitude->rearLoad(), $dropped->rearLoad()];
        $vehicle = $attitude->rig()->vehicle();
        $rate = $isFront ? $vehicle->frontRate : $vehicle->rearRate;

        return [
            new Term("height.tongue_weight_on_{$axle->value}", $before),
            new Term('height.bars', $now->minus($before)),
            new Term(
                'height.fender_rises',
                $isFront ? $attitude->frontRise() : $attitude->rearRise(),
                ['rate' => $rate],
            ),
        ];
    }
}

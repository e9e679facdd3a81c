<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Rig\Parts\Stance;

/**
 * What the model leaves out: springs that stiffen, heads that give, frames that bend. All readings of a stance are off
 * by it
 * alike, the more the farther the fender travelled (docs/model.md, Model error).
 *
 * @internal
 */
final class ModelDoubt
{
    /** One standard deviation, as a share of the travel. */
    private const SHARE = 0.02;

    /** No fender travels farther on its springs, whatever was typed, mm. */
    private const FARTHEST_MM = 80.0;

    /**
     * @param  list<Observation>  $observations
     * @return list<Observation> fender heights with it
     */
    public static function added(array $observations): array
    {
        $alone = [];
        foreach ($observations as $observation) {
            if ($observation->context->stance === Stance::Alone && $observation->observed->isHeight()) {
                $alone[$observation->observed->name][] = $observation->value;
            }
        }

        return array_map(static function (Observation $one) use ($alone): Observation {
            $from = $one->context->stance === Stance::Alone ? [] : $alone[$one->observed->name] ?? [];

            return $from === []
                ? $one
                : $one->sharing(
                    self::SHARE * min(self::FARTHEST_MM, abs($one->value - array_sum($from) / count($from))),
                );
        }, $observations);
    }
}

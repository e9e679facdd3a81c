<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Tongue;

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleReading;

/**
 * A beam on a support at one end and on the scale at the other, the tongue on it in between: the scale shows a part of
 * the load.
 */
final readonly class Lever
{
    /** How truly its arms are taped, one deviation. */
    private const TAPED_MM = 3.0;

    private const LONGEST_MM = 6000.0;

    private function __construct(
        /** Support to scale; above 0. */
        public Length $toScale,
        /** Support to tongue; above 0. */
        public Length $toTongue,
    ) {
    }

    /** @throws ImpossibleReading when an arm has no length */
    public static function of(Length $toScale, Length $toTongue): self
    {
        foreach (['arm_scale' => $toScale, 'arm_tongue' => $toTongue] as $field => $arm) {
            if (! ($arm->millimetres() > 0.0) || $arm->millimetres() > self::LONGEST_MM) {
                throw ImpossibleReading::arm($field);
            }
        }

        return new self($toScale, $toTongue);
    }

    /** Load on the beam for each kilogram that the scale shows. */
    public function ratio(): float
    {
        return $this->toScale->millimetres() / $this->toTongue->millimetres();
    }

    /** One deviation of the ratio, as a share of it. */
    public function doubt(): float
    {
        return hypot(self::TAPED_MM / $this->toScale->millimetres(), self::TAPED_MM / $this->toTongue->millimetres());
    }
}

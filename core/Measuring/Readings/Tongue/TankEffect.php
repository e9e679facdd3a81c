<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Tongue;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Mechanics\Loading\Tank;

/** What filling a tank does to the tongue weight: as two readings found it, and as its size and place have it. */
final readonly class TankEffect
{
    /** From one reading of an instrument to the next, a share of what it shows. */
    private const AGAIN = 0.006;

    /** Measured and computed differ from so many deviations on. */
    private const APART = 2.0;

    private function __construct(
        /** kg, from the first reading to the second; at one coupler height. */
        public Normal $measured,
        /** m·x/L (docs/model.md, Loads), kg. */
        public float $computed,
        /**
         * Where the tank would stand, ahead of the axles, for the two to agree; null where more than one tank was
         * filled.
         */
        public ?Length $ahead,
    ) {
    }

    /**
     * @param  TongueReading  $from  before
     * @param  TongueReading  $to  after; at another coupler height it is carried along the curve
     * @param  list<array{Tank, float}>  $filled  each tank with the change of its fill, -1 to 1; not 0
     */
    public static function between(
        TongueReading $from,
        TongueReading $to,
        TongueCurve $curve,
        array $filled,
        Length $level,
        Length $ballToAxle,
    ): self {
        $at = $from->height ?? $level;
        $before = $from->onBall()->kilograms();
        $after = $curve->carriedTo($to, $at)->kilograms();
        $computed = 0.0;
        foreach ($filled as [$tank, $change]) {
            $computed += $change * $tank->onTongue($ballToAxle)->kilograms();
        }
        $isOne = count($filled) === 1;

        return new self(
            Normal::of(
                $after - $before,
                hypot(hypot(self::AGAIN * $before, self::AGAIN * $after), $to->gainDoubt() * abs($after - $before)),
            ),
            $computed,
            $isOne
                ? Length::ofMillimetres(
                    (($after - $before) / ($filled[0][1] * $filled[0][0]->full->kilograms())) *
                        $ballToAxle->millimetres(),
                )
                : null,
        );
    }

    public function agrees(): bool
    {
        return abs($this->measured->mean() - $this->computed) <= self::APART * $this->measured->deviation();
    }
}

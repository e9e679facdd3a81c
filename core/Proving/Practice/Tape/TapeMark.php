<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Tape;

use Yoke\Foundation\Units\Text\Fineness;

/** One graduation of a tape. */
final readonly class TapeMark
{
    /** The longest, by how many marks of the same length make a unit: a whole one, half, quarter, and so on. */
    private const LONGEST = 1.0;

    private const SHORTER = 0.78;

    private function __construct(
        /** From the ground, mm. */
        public float $height,
        /** How far across the tape it reaches, against the longest: above 0 to 1. */
        public float $reach,
        /** The number that stands at it; null at most. */
        public ?int $number,
    ) {
    }

    /** @param  int  $step  counted from the ground in steps of the tape */
    public static function of(int $step, Fineness $fineness): self
    {
        $height = $step * $fineness->step()->millimetres();

        return $fineness === Fineness::Millimetre
            ? self::metric($step, $height)
            : self::imperial($step, $height, $fineness->stepsPerUnit());
    }

    /** Longest at each ten millimetres, which bear their number; longer at each five. */
    private static function metric(int $step, float $height): self
    {
        $isTen = $step % 10 === 0;

        return new self(
            $height,
            $isTen ? self::LONGEST : self::LONGEST * self::SHORTER ** ($step % 5 === 0 ? 2 : 4),
            $isTen ? $step : null,
        );
    }

    /** Longest at an inch, shorter at a half, a quarter, an eighth. */
    private static function imperial(int $step, float $height, int $perInch): self
    {
        $reach = self::LONGEST;
        for ($steps = $perInch; $steps > 1 && $step % $steps !== 0; $steps = intdiv($steps, 2)) {
            $reach *= self::SHORTER;
        }

        return new self($height, $reach, $step % $perInch === 0 ? intdiv($step, $perInch) : null);
    }
}

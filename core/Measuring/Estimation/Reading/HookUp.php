<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Reading;

/** Bars put on once, whatever was read there: with its setting, as it was counted. */
final readonly class HookUp
{
    /**
     * @param  int  $number  from 1; 0 where no bars are on, or nobody tells hook-ups apart
     * @param  float  $step  what one step of the setting is worth if it was miscounted, mm; 0 where it was counted
     *     again, or cannot be
     * @param  float  $reversed  how much more its bars are bent if it was counted from the other end, mm; 0 as for step
     */
    private function __construct(public int $number, public float $step, public float $reversed = 0.0)
    {
    }

    public static function none(): self
    {
        return new self(0, 0.0);
    }

    /**
     * @param  float  $step  what a link more or fewer than was written down is worth, mm; 0 where nothing is counted
     * @param  float  $reversed  how much more its bars are bent if it was counted from the other end, mm
     */
    public static function ofSteps(int $number, float $step, float $reversed = 0.0): self
    {
        return new self($number, $step, $reversed);
    }

    /** One whose links, holes or turns were counted again. */
    public static function counted(int $number): self
    {
        return new self($number, 0.0);
    }
}

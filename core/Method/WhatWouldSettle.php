<?php

declare(strict_types=1);

namespace Yoke\Method;

use Closure;
use Yoke\Readings\Height\StanceHeights;
use Yoke\Rig\Axle;
use Yoke\Rig\Stance;

/**
 * Finds the reading that would turn "cannot tell" into a verdict, were the heights to come out the same
 * with less doubt.
 */
final readonly class WhatWouldSettle
{
    /** After three readings of one height the tape has given what it has. */
    private const READINGS_WORTH_TAKING = 2;

    /**
     * @param  list<Axle>  $axles  the axles whose heights the method looks at
     * @param  Closure(StanceHeights): Chances  $chances  the method's chances for any heights
     */
    public function sentence(StanceHeights $heights, array $axles, Closure $chances): string
    {
        $one = $this->oneReading($heights, $axles, $chances);
        if ($one !== null) {
            return $one;
        }
        $all = $heights;
        for ($times = 1; $times <= self::READINGS_WORTH_TAKING; $times++) {
            $all = $this->allAgain($all, $axles);
            if ($chances($all)->verdict() !== Verdict::CannotTell) {
                return sprintf('Roll forward and back and tape all three stances %s more: that may settle it.', $times === 1 ? 'once' : 'twice');
            }
        }

        return 'More tape will not settle it: front axle loads from a weighbridge would.';
    }

    /**
     * @param  list<Axle>  $axles
     * @param  Closure(StanceHeights): Chances  $chances
     */
    private function oneReading(StanceHeights $heights, array $axles, Closure $chances): ?string
    {
        $best = Chances::SURE;
        $sentence = null;
        foreach (Stance::cases() as $stance) {
            foreach ($axles as $axle) {
                $then = $chances($this->again($heights, $stance, $axle));
                $surest = max($then->short, $then->inBand, $then->over);
                if ($surest >= $best) {
                    $best = $surest;
                    $sentence = "Roll forward and back and tape the {$axle->value} {$stance->value} again: that one may settle it.";
                }
            }
        }

        return $sentence;
    }

    /** @param  list<Axle>  $axles */
    private function allAgain(StanceHeights $heights, array $axles): StanceHeights
    {
        foreach (Stance::cases() as $stance) {
            foreach ($axles as $axle) {
                $heights = $this->again($heights, $stance, $axle);
            }
        }

        return $heights;
    }

    private function again(StanceHeights $heights, Stance $stance, Axle $axle): StanceHeights
    {
        $reading = $heights->at($stance, $axle);

        return $reading === null ? $heights : $heights->with($stance, $axle, $reading->readAgainRolled());
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Rig\Parts\Stance;

/**
 * What the front fender says by itself: one that stands higher than alone by more than its doubt carries less than
 * alone.
 * Whatever the other readings make of it, such a hook-up is not called too much, nor surely anything else, until a
 * scale
 * says so.
 */
final readonly class FrontFender
{
    /** More of the chance than this is never given to too much then. */
    private const MOST = 0.1;

    /** What it takes from too much makes nothing else sure. */
    private const UNSURE = 0.7;

    /** @param  list<Observation>  $observations */
    public function __construct(private array $observations, private CurrentSetting $current)
    {
    }

    public function bounded(Chances $chances): Chances
    {
        if ($chances->tooMuch <= self::MOST || ! $this->standsHigherThanAlone()) {
            return $chances;
        }
        $inRange = min(self::UNSURE, 1.0 - self::MOST - $chances->tooLittle);

        return Chances::ofOutside(1.0 - self::MOST - $inRange, self::MOST);
    }

    private function standsHigherThanAlone(): bool
    {
        $alone = $this->front(Stance::Alone);
        $carried = $this->front(Stance::Carried);

        return $alone !== null &&
            $carried !== null &&
            ! $this->wasWeighed() &&
            $carried->mean() - $alone->mean() > hypot($alone->deviation(), $carried->deviation());
    }

    /** The front's height in a stance, by all its readings; of carried ones by those of the hook-up that is on. */
    private function front(Stance $stance): ?Normal
    {
        [$sum, $precision] = [0.0, 0.0];
        foreach ($this->observations as $observation) {
            $context = $observation->context;
            $isOn =
                $stance !== Stance::Carried ||
                (abs($context->tensionOffset - $this->current->tensionOffset) < 1e-6 &&
                    abs($context->ballOffset - $this->current->ballOffset) < 1e-6);
            if ($observation->observed === Observed::FrontHeight && $context->stance === $stance && $isOn) {
                $sum += $observation->value / $observation->deviation ** 2;
                $precision += 1.0 / $observation->deviation ** 2;
            }
        }

        return $precision > 0.0 ? Normal::of($sum / $precision, 1.0 / sqrt($precision)) : null;
    }

    private function wasWeighed(): bool
    {
        foreach ($this->observations as $observation) {
            if ($observation->observed === Observed::FrontLoad && $observation->context->stance === Stance::Carried) {
                return true;
            }
        }

        return false;
    }
}

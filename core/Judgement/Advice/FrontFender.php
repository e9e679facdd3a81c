<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Rig\Parts\Stance;

/**
 * What the front fender says by itself, until a scale says otherwise. One that stands higher than alone by more than
 * its doubt carries less than alone: whatever the other readings make of it, such a hook-up is not called too much, nor
 * surely anything else. One that stands lower carries more: it is not called in range, unless one of both heights may
 * be a mistake and was not read again yet: then that is looked at first.
 */
final readonly class FrontFender
{
    /** More of the chance than this is never given to too much, or to in range, then. */
    private const MOST = 0.1;

    /** What it takes from too much makes nothing else sure. */
    private const UNSURE = 0.7;

    private const SAME_MM = 1e-6;

    /** Of alone against carried, mm up; null while either was not read, or the front was weighed. */
    private ?Normal $up;

    /**
     * @param  CurrentSetting  $on  the hook-up that is on
     * @param  float  $highest  share of the front axle load that may be restored at most, as a fraction
     */
    public function __construct(private Posterior $posterior, private CurrentSetting $on, private float $highest)
    {
        $alone = $this->front(Stance::Alone);
        $carried = $this->front(Stance::Carried);
        $this->up =
            $alone === null || $carried === null || $this->wasWeighed()
                ? null
                : Normal::of($carried->mean() - $alone->mean(), hypot($alone->deviation(), $carried->deviation()));
    }

    /** Chances of a method; only one by shares is told by a front that stands too low. */
    public function bounded(Chances $chances, Criterion $criterion): Chances
    {
        return match (true) {
            $this->isHigher() && $chances->tooMuch > self::MOST => $this->notTooMuch($chances),
            $this->isLower() && $criterion->isShare() && $chances->inRange > self::MOST => Chances::ofOutside(
                $chances->tooLittle,
                1.0 - self::MOST - $chances->tooLittle,
            ),
            default => $chances,
        };
    }

    /** @param  float  $over  chance that the front is heavier than it may ever be, 0 to 1 */
    public function over(float $over): float
    {
        return match (true) {
            $this->isHigher() => min(self::MOST, $over),
            $this->isLower() => max(1.0 - self::MOST, $over),
            default => $over,
        };
    }

    private function notTooMuch(Chances $chances): Chances
    {
        $inRange = min(self::UNSURE, 1.0 - self::MOST - $chances->tooLittle);

        return Chances::ofOutside(1.0 - self::MOST - $inRange, self::MOST);
    }

    private function isHigher(): bool
    {
        return $this->up !== null && $this->up->mean() > $this->up->deviation();
    }

    private function isLower(): bool
    {
        return $this->highest <= 1.0 &&
            $this->up !== null &&
            -$this->up->mean() > $this->up->deviation() &&
            ! $this->isToBeLookedAt(Stance::Alone) &&
            ! $this->isToBeLookedAt(Stance::Carried);
    }

    /** The front's height in a stance, by all its readings; of carried ones by those of the hook-up that is on. */
    private function front(Stance $stance): ?Normal
    {
        [$sum, $precision] = [0.0, 0.0];
        foreach ($this->believed($stance) as $observation) {
            $sum += $observation->value / $observation->deviation ** 2;
            $precision += 1.0 / $observation->deviation ** 2;
        }

        return $precision > 0.0 ? Normal::of($sum / $precision, 1.0 / sqrt($precision)) : null;
    }

    private function isToBeLookedAt(Stance $stance): bool
    {
        $read = $this->read($stance);

        return count($read) === 1 && array_intersect_key($read, $this->posterior->stories[0]->mistaken()) !== [];
    }

    /**
     * A reading is left out only where it is likely to be a mistake and the same fender was read again: never by what
     * other readings make of it alone.
     *
     * @return list<Observation>
     */
    private function believed(Stance $stance): array
    {
        $read = $this->read($stance);
        $others = array_diff_key($read, $this->posterior->stories[0]->mistaken());

        return array_values($others === [] ? $read : $others);
    }

    /** @return array<int, Observation> by place: the front's heights; carried, those of the hook-up that is on */
    private function read(Stance $stance): array
    {
        $read = [];
        foreach ($this->posterior->readings as $place => $residual) {
            $context = $residual->observation->context;
            $isOn =
                $stance !== Stance::Carried ||
                ($context->hookUp->number === $this->on->hookUp &&
                    abs($context->tensionOffset - $this->on->tensionOffset) < self::SAME_MM &&
                    abs($context->ballOffset - $this->on->ballOffset) < self::SAME_MM);
            if (
                $residual->observation->observed === Observed::FrontHeight &&
                $context->stance === $stance &&
                $isOn
            ) {
                $read[$place] = $residual->observation;
            }
        }

        return $read;
    }

    private function wasWeighed(): bool
    {
        foreach ($this->posterior->readings as $residual) {
            if (
                $residual->observation->observed === Observed::FrontLoad &&
                $residual->observation->context->stance === Stance::Carried
            ) {
                return true;
            }
        }

        return false;
    }
}

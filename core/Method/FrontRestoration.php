<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Probability\Normal;
use Yoke\Readings\Height\HeightReading;
use Yoke\Readings\Height\StanceHeights;
use Yoke\Rig\Axle;
use Yoke\Rig\Stance;
use Yoke\Units\Text\LengthPrinter;

/**
 * The share of the load that coupling took off the front axle which the bars put back, from front fender heights.
 *
 * With alone A, dropped D, carried C: share = (D − C)/(D − A), load being proportional to spring travel
 * (docs/model.md, Front restoration by tape). The rig is short when D − C < from·(D − A) and over when
 * D − C > to·(D − A); both chances are taken over the true rise D − A, known to be positive.
 */
final readonly class FrontRestoration implements Method
{
    private const NAME = 'Front restoration';

    /** Below this chance of any rise at all, the readings contradict what coupling does. */
    private const RISE_UNLIKELY = 0.05;

    /** A rise of fewer deviations than this gives no share worth printing. */
    private const READABLE_RISE = 2.0;

    public function __construct(private Band $band, private WhatWouldSettle $settle = new WhatWouldSettle)
    {
    }

    public function name(): string
    {
        return self::NAME;
    }

    public function band(): Band
    {
        return $this->band;
    }

    public function judge(StanceHeights $heights, LengthPrinter $print): Judgement
    {
        foreach (Stance::cases() as $stance) {
            if ($heights->at($stance, Axle::Front) === null) {
                return Judgement::waiting(self::NAME, "Tape the front fender {$stance->value}.");
            }
        }
        $front = $this->front($heights);
        if (1.0 - $this->rise($front)->chanceBelow(0.0) < self::RISE_UNLIKELY) {
            return Judgement::unreadable(self::NAME, 'Cannot tell: the front did not rise when coupled, and it has to. Read alone and dropped again; is the jack right up, and is the right height in each stance?');
        }
        $chances = $this->chances($front);
        $advice = $this->advice($chances, $heights, $print);
        if ($this->rise($front)->mean() < self::READABLE_RISE * $this->rise($front)->deviation()) {
            return Judgement::unreadable(self::NAME, $advice, $chances);
        }

        return Judgement::of(self::NAME, $advice, $this->share($front), $this->printed($this->share($front)), $chances);
    }

    /** @return array<string, Normal> stance => front height in mm; all three are there */
    private function front(StanceHeights $heights): array
    {
        $front = [];
        foreach (Stance::cases() as $stance) {
            $front[$stance->value] = $heights->at($stance, Axle::Front)?->gaussian() ?? Normal::of(0, 0);
        }

        return $front;
    }

    /** @param  array<string, Normal>  $front */
    private function rise(array $front): Normal
    {
        return Normal::of(
            $front['dropped']->mean() - $front['alone']->mean(),
            hypot($front['dropped']->deviation(), $front['alone']->deviation()),
        );
    }

    /**
     * Share with its standard deviation to first order.
     *
     * @param  array<string, Normal>  $front
     */
    private function share(array $front): Normal
    {
        $rise = $this->rise($front)->mean();
        $share = ($front['dropped']->mean() - $front['carried']->mean()) / $rise;
        $variance = ((1 - $share) * $front['dropped']->deviation()) ** 2
            + $front['carried']->deviation() ** 2
            + ($share * $front['alone']->deviation()) ** 2;

        return Normal::of($share, sqrt($variance) / $rise);
    }

    /** @param  array<string, Normal>  $front */
    private function chances(array $front): Chances
    {
        $rise = $this->rise($front);
        $positive = max(1e-12, 1.0 - $rise->chanceBelow(0.0));
        $returned = fn (float $riseMm): Normal => $this->returnedGiven($front, $riseMm);

        return Chances::ofOutside(
            $rise->averageOver(fn (float $mm): float => $returned($mm)->chanceBelow($this->band->from * $mm), 0.0) / $positive,
            $rise->averageOver(fn (float $mm): float => 1.0 - $returned($mm)->chanceBelow($this->band->to * $mm), 0.0) / $positive,
        );
    }

    /**
     * D − C where the true rise D − A is given: the dropped reading stands in both.
     *
     * @param  array<string, Normal>  $front
     */
    private function returnedGiven(array $front, float $riseMm): Normal
    {
        $rise = $this->rise($front);
        $weight = $rise->deviation() > 0.0 ? ($front['dropped']->deviation() / $rise->deviation()) ** 2 : 0.0;
        $variance = $front['dropped']->deviation() ** 2 * (1 - $weight) + $front['carried']->deviation() ** 2;

        return Normal::of(
            $front['dropped']->mean() - $front['carried']->mean() + $weight * ($riseMm - $rise->mean()),
            sqrt(max(0.0, $variance)),
        );
    }

    private function printed(Normal $share): string
    {
        return sprintf('%s%d %% ± %d points', $share->mean() < -0.005 ? '−' : '', abs(round($share->mean() * 100)), max(1, ceil($share->deviation() * 100)));
    }

    private function advice(Chances $chances, StanceHeights $heights, LengthPrinter $print): string
    {
        $carried = $heights->at(Stance::Carried, Axle::Front);
        $targets = RestorationTargets::from($heights);
        if ($chances->verdict() === Verdict::CannotTell || ! $carried instanceof HeightReading) {
            return $this->cannotTell($chances, $heights, $print);
        }
        if ($targets === null) {
            return $chances->verdict() === Verdict::Over
                ? 'Less tension: the front stands lower than alone, and is never to carry more than it does alone.'
                : sprintf('More tension, a step at a time: the front hardly moved when coupled. Bring it down, never below %s.', $print->nearest($heights->at(Stance::Alone, Axle::Front)?->height() ?? $carried->height()));
        }
        $aim = $targets->at($this->band->middle());
        $toGo = $print->nearest($carried->height()->minus($aim)->absolute());

        return match ($chances->verdict()) {
            Verdict::Short => sprintf('More tension: bring the front down about %s, to %s for the middle of the band, never below %s.', $toGo, $print->nearest($aim), $print->nearest($targets->fullReturn())),
            Verdict::Over => sprintf('Less tension: let the front rise about %s, to %s. The front axle is never to carry more than it does alone.', $toGo, $print->nearest($aim)),
            default => sprintf('Leave it: the front stands between full return, %s, and the edge of the band, %s.', $print->nearest($targets->at($this->band->to)), $print->nearest($targets->at($this->band->from))),
        };
    }

    private function cannotTell(Chances $chances, StanceHeights $heights, LengthPrinter $print): string
    {
        $rise = $heights->rise(Stance::Dropped, Axle::Front);
        $small = $rise !== null && $this->rise($this->front($heights))->mean() < 3 * $this->rise($this->front($heights))->deviation()
            ? sprintf('the front moved only %s, too little for this tape; ', $print->nearest($rise->absolute()))
            : '';
        $chance = fn (StanceHeights $then): Chances => $this->chances($this->front($then));

        return sprintf('Cannot tell: %s%s. %s', $small, $chances->inWords(), $this->settle->sentence($heights, [Axle::Front], $chance));
    }
}

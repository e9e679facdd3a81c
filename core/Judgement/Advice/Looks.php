<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Yoke\Judgement\Method\Goal;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Rig\Adjuster\Setting;

/**
 * Every look that is open, in one list: what it changes in the chance of the next hook-up, in minutes of hook-ups to
 * come, against the minutes it takes (docs/model.md, Looks).
 */
final readonly class Looks
{
    /** How well a weighbridge tells the tongue weight, kg, and an axle's rate, as a share. */
    private const WEIGHED_KG = 10.0;

    private const WEIGHED_RATE = 0.06;

    /**
     * @param  float  $tapedMm  how well four heights tell the tension of the bars, one deviation, mm
     * @param  float  $byGapMm  how well a gap tells it
     */
    public function __construct(
        private HitchSettings $hitch,
        private Goal $goal,
        private StoppingRules $policy,
        private LookMinutes $minutes,
        private float $tapedMm,
        private float $byGapMm,
        private Posterior $posterior,
        private RecheckLog $looked,
    ) {
    }

    /**
     * @param  Setting|null  $present  the setting that is on; null before the first hook-up
     * @return list<LookOffer> what saves most for its minutes first
     */
    public function offered(Recommendation $advised, ?Setting $present): array
    {
        $offers = [
            ...$this->again($advised),
            ...$advised->action === Action::Stop ? [] : $this->measured($advised, $present),
        ];
        usort($offers, static fn (LookOffer $one, LookOffer $other): int => $other->net() <=> $one->net());

        return $offers;
    }

    /** @return list<LookOffer> what would show a mistake */
    private function again(Recommendation $advised): array
    {
        $policy = new RecheckPolicy($this->posterior, $this->looked, $this->policy);
        $aim = $advised->next() ?? $advised->forecast;
        $offers = [];
        foreach ($policy->gains($aim) as $key => $gain) {
            $look = Recheck::from($key);
            $offers[] = new LookOffer(
                LookKind::from($key),
                $policy->way($look),
                $advised->present === null ? $look->minutesBeforehand() : $look->minutes(),
                $this->saved($gain),
            );
        }

        return $offers;
    }

    /** @return list<LookOffer> what nobody measured yet */
    private function measured(Recommendation $advised, ?Setting $present): array
    {
        $now = $this->bestOf($this->posterior, $present);
        $offer = fn (LookKind $what, float $minutes, Posterior $then): LookOffer => new LookOffer(
            $what,
            LookWay::Again,
            $minutes,
            $this->saved($this->bestOf($then, $present) - $now),
        );
        $offers = [];
        $isBeforeCoupling = $this->looked->times(Recheck::Dropped) === 0 && $present === null;
        if ($isBeforeCoupling && $this->doubtOf(RigParameter::Tension) > $this->tapedMm) {
            $offers[] = $offer(
                LookKind::FourHeights,
                $this->minutes->fourHeights,
                $this->knowing($this->posterior, RigParameter::Tension, $this->tapedMm),
            );
        }
        if (! $isBeforeCoupling && $this->doubtOf(RigParameter::Tension) > $this->byGapMm) {
            $offers[] = $offer(
                LookKind::BarGap,
                $this->minutes->barGap + ($present === null ? 0.0 : Recheck::Dropped->minutes()),
                $this->knowing($this->posterior, RigParameter::Tension, $this->byGapMm),
            );
        }
        if ($this->doubtOf(RigParameter::TongueWeight) > self::WEIGHED_KG) {
            $weighed = $this->knowing($this->posterior, RigParameter::TongueWeight, self::WEIGHED_KG);
            $offers[] = $offer(
                LookKind::Scale,
                $this->minutes->scale,
                $this->knowing(
                    $weighed,
                    RigParameter::FrontRate,
                    self::WEIGHED_RATE * $this->posterior->value(RigParameter::FrontRate->value)->mean(),
                ),
            );
        }

        return $offers;
    }

    private function doubtOf(RigParameter $parameter): float
    {
        return $this->posterior->value($parameter->value)->deviation();
    }

    /** @param  float  $deviation  that is left, in the parameter's own unit */
    private function knowing(Posterior $posterior, RigParameter $parameter, float $deviation): Posterior
    {
        $doubt = $posterior->value($parameter->value)->deviation();

        return $doubt <= $deviation ? $posterior : $posterior->knowing($parameter->value, $deviation / $doubt);
    }

    /** Chance of the best setting that may be hooked up. */
    private function bestOf(Posterior $posterior, ?Setting $present): float
    {
        return (new Advisor($this->hitch, $this->goal, $this->policy))
            ->advise($posterior, $present)
            ->ranking[0]->chance;
    }

    /** What a better chance of the next hook-up is worth, minutes. */
    private function saved(float $gain): float
    {
        return max(0.0, $gain) * MinutesToGo::ofAMiss($this->hitch->adjusters->stepMinutes());
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Estimation\Estimation;
use Yoke\Estimation\Observation;
use Yoke\Estimation\Observed;
use Yoke\Estimation\Posterior;
use Yoke\Estimation\ReadingContext;
use Yoke\Estimation\RigPrior;
use Yoke\Probability\Normal;
use Yoke\Rig\Axle;
use Yoke\Simulation\RandomSource;
use Yoke\Simulation\SeededSource;
use Yoke\Statics\Attitude;
use Yoke\Statics\CoupledRig;

/** What three weighbridge tickets are worth: alone, dropped and carried, by themselves and beside the tape. */
final readonly class TicketContest
{
    /** The weighbridge shows its loads in steps of so much, kg. */
    private const STEP_KG = 10.0;

    /** A step's deviation, and what the vehicle creeps and burns between weighings, kg. */
    private const DOUBT_KG = 3.0;

    private const WITHIN_KG = 15.0;

    private const WITHIN_SHARE = 0.08;

    private const BAR_DOUBT = 0.14;

    public function __construct(private int $seed)
    {
    }

    /**
     * @param  int  $rigs  1 or more
     * @return array{tongue_weight_within_15_kg: float, share_within_8_points: float, share_doubt_heights: float, share_doubt_fused: float, doubt_shrinks_by: float}
     */
    public function run(int $rigs): array
    {
        $lottery = new RigSampler(new SeededSource($this->seed), self::BAR_DOUBT);
        [$tongue, $share, $heights, $fused] = [0, 0, 0.0, 0.0];
        for ($i = 0; $i < $rigs; $i++) {
            $lot = $lottery->draw($this->seed + $i);
            $random = new SeededSource($lot->seed);
            $tickets = $this->tickets($lot, $random);
            $taped = $this->taped($lot, new TapeReader($random));
            $truth = $lot->truth->carried($lot->tension)->frontRestored();
            $weighed = $this->fit($lot, $tickets);
            $tongue += abs($weighed->value(RigPrior::TONGUE_WEIGHT)->mean() - $lot->truth->trailer()->tongueWeight) <= self::WITHIN_KG ? 1 : 0;
            $share += abs($this->share($weighed)->mean() - $truth) <= self::WITHIN_SHARE ? 1 : 0;
            $heights += $this->share($this->fit($lot, $taped))->deviation();
            $fused += $this->share($this->fit($lot, [...$taped, ...$tickets]))->deviation();
        }

        return [
            'tongue_weight_within_15_kg' => $tongue / $rigs,
            'share_within_8_points' => $share / $rigs,
            'share_doubt_heights' => $heights / $rigs,
            'share_doubt_fused' => $fused / $rigs,
            'doubt_shrinks_by' => 1.0 - $fused / max($heights, 1e-9),
        ];
    }

    /** @param  list<Observation>  $observations */
    private function fit(SampledRig $lot, array $observations): Posterior
    {
        return (new Estimation($lot->told, $observations))->posterior();
    }

    /** Slack bars restore nothing; the doubt is that of the taut side. */
    private function share(Posterior $posterior): Normal
    {
        $taut = $posterior->predict(static fn (CoupledRig $rig, float $tension): float => $rig->taut($tension)->frontRestored());

        return Normal::of(max(0.0, $taut->mean()), $taut->deviation());
    }

    /** @return list<array{ReadingContext, Attitude|null}> */
    private function stances(SampledRig $lot): array
    {
        return [[ReadingContext::alone(), null], [ReadingContext::dropped(), $lot->truth->dropped()], [ReadingContext::carried(0.0), $lot->truth->carried($lot->tension)]];
    }

    /** @return list<Observation> */
    private function taped(SampledRig $lot, Reader $reader): array
    {
        $taped = [];
        foreach ($this->stances($lot) as [$situation, $attitude]) {
            foreach ([[Observed::FrontHeight, Axle::Front], [Observed::RearHeight, Axle::Rear]] as [$observed, $axle]) {
                $taped[] = new Observation($situation, $observed, $reader->read($lot, $axle, $attitude), $reader->doubt($lot, $axle));
            }
        }

        return $taped;
    }

    /** @return list<Observation> of vehicles between a small crossover and a three-quarter-ton truck */
    private function tickets(SampledRig $lot, RandomSource $random): array
    {
        [$front, $rear] = [$random->between(800, 2000), $random->between(700, 1700)];
        $tickets = [];
        foreach ($this->stances($lot) as [$situation, $attitude]) {
            $tickets[] = $this->weighed($situation, Observed::FrontLoad, $front + ($attitude?->frontLoad() ?? 0.0));
            $tickets[] = $this->weighed($situation, Observed::RearLoad, $rear + ($attitude?->rearLoad() ?? 0.0));
            if ($attitude !== null) {
                $tickets[] = $this->weighed($situation, Observed::TrailerLoad, $lot->truth->trailer()->weight - $attitude->load);
            }
        }

        return $tickets;
    }

    private function weighed(ReadingContext $situation, Observed $observed, float $load): Observation
    {
        return new Observation($situation, $observed, round($load / self::STEP_KG) * self::STEP_KG, self::DOUBT_KG);
    }
}

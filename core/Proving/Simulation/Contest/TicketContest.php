<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Foundation\Probability\Normal;
use Yoke\Job\Shop\ShopRules;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Readings\ObservationMapper;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Proving\Simulation\RandomSource;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Proving\Simulation\World\Disturbance;
use Yoke\Rig\Parts\Stance;

/** What three weighbridge tickets are worth: alone, dropped and carried, by themselves and beside the tape. */
final readonly class TicketContest
{
    /** The weighbridge shows its loads in steps of so much, kg. */
    private const STEP_KG = 10.0;

    /** A step's deviation, and what the vehicle creeps and burns between weighings, kg. */
    private const DOUBT_KG = 3.0;

    private const WITHIN_KG = 15.0;

    private const WITHIN_SHARE = 0.08;

    public function __construct(private int $seed)
    {
    }

    /**
     * @param  int  $rigs  1 or more
     * @return array{tongue_weight_within_15_kg: float, share_within_8_points: float, share_doubt_heights: float,
     *     share_doubt_fused: float, doubt_shrinks_by: float}
     */
    public function run(int $rigs): array
    {
        $sampler = new RigSampler(new SeededSource($this->seed), ShopRules::usual()->priors);
        [$tongue, $share, $heights, $fused] = [0, 0, 0.0, 0.0];
        for ($i = 0; $i < $rigs; $i++) {
            $lot = $sampler->draw($this->seed + $i);
            $random = new SeededSource($lot->seed);
            $tickets = $this->tickets($lot, $random);
            $taped = $this->taped($lot, new TapeReader($random, $lot));
            $truth = $lot->truth->share($lot->adjusters->middle());
            $weighed = $this->fit($lot, $tickets);
            $tongue +=
                abs($weighed->tongueWeight()->mean() - $lot->truth->rig->trailer()->tongueWeight) <=
                self::WITHIN_KG
                    ? 1
                    : 0;
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
        $taut = $posterior->predict(
            static fn (CoupledRig $rig, float $tension): float => $rig->taut($tension)->frontRestored(),
        );

        return Normal::of(max(0.0, $taut->mean()), $taut->deviation());
    }

    /** @return list<Observation> */
    private function taped(SampledRig $lot, TapeReader $tape): array
    {
        $log = new ReadingLog($lot, $tape);
        $log->read(Stance::Alone);
        $log->read(Stance::Dropped);
        $log->hookUp($lot->adjusters->middle(), $lot->adjusters->middle());
        $log->read(Stance::Carried);

        return $log->observations();
    }

    /** @return list<Observation> of vehicles between a small crossover and a three-quarter-ton truck */
    private function tickets(SampledRig $lot, RandomSource $random): array
    {
        [$front, $rear] = [$random->between(800, 2000), $random->between(700, 1700)];
        $tickets = [];
        foreach (
            [
                [ReadingContext::alone(), Stance::Alone],
                [ReadingContext::dropped(), Stance::Dropped],
                [ReadingContext::carried(0.0), Stance::Carried],
            ] as [$context, $stance]
        ) {
            $stand = $lot->truth->stand($stance, $lot->adjusters->middle(), Disturbance::none());
            $tickets[] = $this->weighed($context, Observed::FrontLoad, $front + $stand->frontLoad);
            $tickets[] = $this->weighed($context, Observed::RearLoad, $rear + $stand->rearLoad);
            if ($stance !== Stance::Alone) {
                $tickets[] = $this->weighed(
                    $context,
                    Observed::TrailerLoad,
                    $lot->truth->rig->trailer()->weight - $stand->frontLoad - $stand->rearLoad,
                );
            }
        }

        return $tickets;
    }

    private function weighed(ReadingContext $context, Observed $observed, float $load): Observation
    {
        return (new ObservationMapper(ShopRules::usual()->priors->weighingTo(self::DOUBT_KG), 0.0))->axleLoad(
            $context,
            $observed,
            round($load / self::STEP_KG) * self::STEP_KG,
            '',
        );
    }
}

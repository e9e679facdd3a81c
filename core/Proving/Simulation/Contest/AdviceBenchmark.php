<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Closure;
use Yoke\Job\Shop\ShopRules;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Method\Criterion;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Rig\Parts\Stance;

/**
 * How long it takes to learn a rig from three stances, two of them read twice, and to weigh every setting of its hitch.
 */
final readonly class AdviceBenchmark
{
    /** @param  Closure(): float  $seconds a clock that only runs forward */
    public function __construct(private Closure $seconds, private int $seed)
    {
    }

    /**
     * @param  int  $rigs  1 or more
     * @return float milliseconds each, on average
     */
    public function run(int $rigs): float
    {
        $usual = ShopRules::usual();
        $sampler = new RigSampler(new SeededSource($this->seed), $usual->priors);
        $took = 0.0;
        for ($i = 0; $i < $rigs; $i++) {
            $lot = $sampler->draw($this->seed + $i);
            $middle = $lot->adjusters->middle();
            $log = new ReadingLog($lot, new TapeReader(new SeededSource($lot->seed), $lot));
            foreach ([Stance::Alone, Stance::Dropped, Stance::Alone, Stance::Dropped] as $stance) {
                $log->read($stance);
            }
            $log->hookUp($middle, $middle);
            $log->read(Stance::Carried);
            $observations = $log->observations();
            $began = ($this->seconds)();
            (new Advisor(
                new HitchSettings($lot->adjusters, $middle),
                $usual->goal(Criterion::FrontRestoration),
                $usual->stopping,
            ))->advise(
                (new Estimation($lot->told, $observations))->posterior(),
                $middle,
                $log->looked(),
            );
            $took += ($this->seconds)() - $began;
        }

        return ($took * 1e3) / $rigs;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Simulation;

use Closure;
use Yoke\Advice\Advisor;
use Yoke\Advice\HitchSettings;
use Yoke\Estimation\Estimation;
use Yoke\Method\Criterion;
use Yoke\Rig\Stance;
use Yoke\Shop\ShopRules;
use Yoke\Simulation\Contest\ReadingLog;
use Yoke\Simulation\Contest\RigSampler;
use Yoke\Simulation\Contest\TapeReader;

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

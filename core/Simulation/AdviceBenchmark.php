<?php

declare(strict_types=1);

namespace Yoke\Simulation;

use Closure;
use Yoke\Advice\Advisor;
use Yoke\Advice\HitchSettings;
use Yoke\Estimation\Estimation;
use Yoke\Estimation\Observation;
use Yoke\Estimation\Observed;
use Yoke\Estimation\ReadingContext;
use Yoke\Method\Goal;
use Yoke\Simulation\Contest\RigSampler;
use Yoke\Simulation\Contest\SampledRig;

/** How long it takes to learn a rig from three stances and to weigh every setting of its hitch. */
final readonly class AdviceBenchmark
{
    private const BAR_DOUBT = 0.14;

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
        $lottery = new RigSampler(new SeededSource($this->seed), self::BAR_DOUBT);
        $took = 0.0;
        for ($i = 0; $i < $rigs; $i++) {
            $lot = $lottery->draw($i);
            $observations = self::threeStances($lot);
            $began = ($this->seconds)();
            (new Advisor(new HitchSettings($lot->adjusters, $lot->adjusters->middle()), Goal::usual()))->advise((new Estimation($lot->told, $observations))->posterior(), $lot->adjusters->middle(), 1);
            $took += ($this->seconds)() - $began;
        }

        return $took * 1e3 / $rigs;
    }

    /** @return list<Observation> */
    private static function threeStances(SampledRig $lot): array
    {
        $observations = [];
        foreach ([[ReadingContext::alone(), null], [ReadingContext::dropped(), $lot->truth->dropped()], [ReadingContext::carried(0.0), $lot->truth->carried($lot->tension)]] as [$situation, $attitude]) {
            $observations[] = new Observation($situation, Observed::FrontHeight, $lot->aloneMm['front'] + ($attitude?->frontRise() ?? 0.0), 1.0);
            $observations[] = new Observation($situation, Observed::RearHeight, $lot->aloneMm['rear'] + ($attitude?->rearRise() ?? 0.0), 1.4);
        }

        return $observations;
    }
}

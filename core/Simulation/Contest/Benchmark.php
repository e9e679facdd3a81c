<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Closure;
use Yoke\Method\Band;
use Yoke\Simulation\SeededSource;

/** Lets players set up the same rigs: one step at a time, by the advice, and by the advice with a perfect tape. */
final readonly class Benchmark
{
    /** Bars of the contest bend 66 to 107 mm under their rating: a share about the middle. */
    private const BAR_DOUBT = 0.14;

    public function __construct(private int $seed)
    {
    }

    /**
     * @param  int  $rigs  1 or more
     * @param  Closure(int): void|null  $played  told after each rig how many are played
     * @return array<string, Tally> by player
     */
    public function run(int $rigs, ?Closure $played = null): array
    {
        $band = Band::usual();
        $lottery = new RigSampler(new SeededSource($this->seed), self::BAR_DOUBT);
        $players = ['one step at a time' => new OneStepPlayer, 'advised' => new AdvisedPlayer, 'advised, perfect tape' => new AdvisedPlayer(before: 1)];
        $tallies = array_map(static fn (): Tally => new Tally($band), $players);
        for ($i = 0; $i < $rigs; $i++) {
            $lot = $lottery->draw($this->seed + $i);
            foreach ($players as $name => $player) {
                $reader = $name === 'advised, perfect tape' ? new PerfectReader : new TapeReader(new SeededSource($lot->seed));
                $tallies[$name]->add($lot, $player->play($lot, $reader, $band));
            }
            if ($played !== null) {
                $played($i + 1);
            }
        }

        return $tallies;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Closure;
use Yoke\Job\Shop\ShopRules;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Proving\Simulation\World\Trouble;
use Yoke\Proving\Simulation\World\World;

/** Lets players set up the same rigs: one step at a time, and by the advice. */
final readonly class Benchmark
{
    /** What is drawn at a rig has a seed of its own, apart from that of its neighbours. */
    private const APART = 7919;

    public function __construct(
        private int $seed,
        private World $world = World::Plain,
        private Trouble $trouble = new Trouble(),
    ) {
    }

    /**
     * @param  int  $rigs  1 or more
     * @param  Closure(int): void|null  $played  told after each rig how many are played
     * @return array<string, Tally> by player
     */
    public function run(int $rigs, ?Closure $played = null): array
    {
        $usual = ShopRules::usual();
        $band = $usual->range;
        $sampler = new RigSampler(new SeededSource($this->seed), $usual->priors, $this->world, $this->trouble);
        $players = ['one step at a time' => new OneStepPlayer(), 'advised' => new AdvisedPlayer($usual->stopping)];
        $tallies = array_map(static fn (): Tally => new Tally($band), $players);
        for ($i = 0; $i < $rigs; $i++) {
            $lot = $sampler->draw($this->seed + $i);
            foreach ($players as $name => $player) {
                $random = new SeededSource($lot->seed * self::APART);
                $tallies[$name]->add(
                    $lot,
                    $player->play(new HookUps($lot, $random), new TapeReader($random, $lot), $band),
                );
            }
            if ($played !== null) {
                $played($i + 1);
            }
        }

        return $tallies;
    }
}

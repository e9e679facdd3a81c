<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Closure;
use Yoke\Job\Shop\ShopRules;
use Yoke\Proving\Playing\AdvisedPlayer;
use Yoke\Proving\Playing\OneStepPlayer;
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
        $players = [
            'one step at a time' => static fn (ContestRig $rig) => (new OneStepPlayer())->play($rig, $band),
            'advised' => static fn (ContestRig $rig) => (new AdvisedPlayer())->play($rig),
        ];
        $tallies = array_map(static fn (): Tally => new Tally($band), $players);
        for ($i = 0; $i < $rigs; $i++) {
            $lot = $sampler->draw($this->seed + $i);
            foreach ($players as $name => $play) {
                $rig = new ContestRig($lot, new SeededSource($lot->seed * self::APART), $usual, $band);
                $play($rig);
                $tallies[$name]->add($lot, $rig->result());
            }
            if ($played !== null) {
                $played($i + 1);
            }
        }

        return $tallies;
    }
}

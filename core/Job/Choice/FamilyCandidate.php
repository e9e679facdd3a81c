<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\Want;

/** A family held against a rig and what its use asks. */
final readonly class FamilyCandidate
{
    /** How much of what is asked it does, 0 to 1; 1 where nothing is asked. */
    public float $worth;

    /**
     * @param  array<string, Suits>  $suits  by the value of each Want that is asked
     * @param  float  $most  share of the front axle load that it restores at its tightest
     * @param  float  $step  share that its finest step moves
     * @param  int  $minutes  that such a step takes
     * @param  list<FamilyObjection>  $objections
     */
    public function __construct(
        public HitchFamily $family,
        public array $suits,
        public float $most,
        public float $step,
        public int $minutes,
        public array $objections,
    ) {
        $worth = array_map(static fn (Suits $suits): float => $suits->worth(), $suits);
        $this->worth = $worth === [] ? 1.0 : array_sum($worth) / count($worth);
    }

    public function isAgainst(FamilyObjection $objection): bool
    {
        return in_array($objection, $this->objections, true);
    }

    /** @return list<Want> what is asked and it does so well */
    public function does(Suits $how): array
    {
        $wants = array_keys(array_filter($this->suits, static fn (Suits $suits): bool => $suits === $how));

        return array_map(Want::from(...), $wants);
    }
}

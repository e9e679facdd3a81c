<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

/** A pair of bars held against a rig and its year. */
final readonly class BarCandidate
{
    /** Less likely than this is not worth a word. */
    private const WORTH_SAYING = 0.05;

    /**
     * Chance that they hold the tongue weight all year and reach the middle of the target range within their rating, 0
     * to 1.
     */
    public float $chance;

    /** @var list<BarObjection> */
    public array $objections;

    /**
     * @param  float  $over  chance that the heaviest tongue weight is above their range, 0 to 1
     * @param  float  $under  chance that the lightest is below it, 0 to 1
     * @param  float  $pastRating  chance that the middle of the target range bends them past their rating, 0 to 1
     * @param  float  $step  share of the front axle load that the finest step of what is turned moves
     * @param  float  $coarse  from this share on a step is a coarse one
     */
    public function __construct(
        public BarRange $bars,
        public float $over,
        public float $under,
        public float $pastRating,
        public float $step,
        float $coarse,
    ) {
        $this->chance = max(0.0, 1.0 - $over - $under) * (1.0 - $pastRating);
        $against = [
            [BarObjection::TooLight, $over > self::WORTH_SAYING],
            [BarObjection::TooHeavy, $under > self::WORTH_SAYING],
            [BarObjection::BentPastRating, $pastRating > self::WORTH_SAYING],
            [BarObjection::CoarseSteps, $step > $coarse],
        ];
        $this->objections = array_column(array_filter($against, static fn (array $one): bool => $one[1]), 0);
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Job\Shop;

use Yoke\Judgement\Advice\LookMinutes;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Readings\Height\HeightDoubt;

/**
 * What a shop holds its jobs to: range, tolerances, when to stop, and how far readings and sheets are trusted. Nobody
 * else makes one of its parts, so that no answer quietly takes what is usual in place of what a shop chose.
 */
final readonly class ShopRules
{
    private function __construct(
        public TargetRange $range,
        public Tolerances $tolerances,
        public StoppingRules $stopping,
        public HeightDoubt $heights,
        public PriorDoubts $priors,
        public LookMinutes $looks = new LookMinutes(),
    ) {
    }

    /** What this program takes for usual: of a shop that chose nothing, of exercises and of benchmarks. */
    public static function usual(): self
    {
        return new self(
            TargetRange::usual(),
            new Tolerances(),
            new StoppingRules(),
            new HeightDoubt(),
            new PriorDoubts(),
        );
    }

    /**
     * @param  array<string, float>  $tolerances  by the name of a figure of Tolerances
     * @param  array<string, float|int>  $stopping  of StoppingRules
     * @param  array<string, float>  $heights  of HeightDoubt
     * @param  array<string, float>  $priors  of PriorDoubts
     * @param  array<string, float>  $looks  of LookMinutes
     */
    public static function of(
        TargetRange $range,
        array $tolerances,
        array $stopping,
        array $heights,
        array $priors,
        array $looks,
    ): self {
        return new self(
            $range,
            new Tolerances(...$tolerances),
            new StoppingRules(...$stopping),
            new HeightDoubt(...$heights),
            new PriorDoubts(...$priors),
            new LookMinutes(...$looks),
        );
    }

    /** The range by a method, on a rig without a goal of its own. */
    public function goal(Criterion $criterion): Goal
    {
        return new Goal($this->range, $criterion, $this->tolerances);
    }
}

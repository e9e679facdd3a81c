<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Foundation\Probability\LogNormal;
use Yoke\Foundation\Probability\Normal;
use Yoke\Measuring\Estimation\Prior\LearnedPriors;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Mechanics\Loading\LoadChange;

/**
 * The rig that a fit starts from, by its sheets: the one prior of jobs, files, exercises and benchmarks (docs/model.md,
 * What is usual).
 */
final readonly class SheetPrior
{
    /**
     * @param  PriorDoubts  $doubts  how far the shop trusts what is usual
     * @param  LearnedPriors  $learned  what the shop's earlier jobs make of it
     */
    public function __construct(private PriorDoubts $doubts, private LearnedPriors $learned)
    {
    }

    /** @param  LoadChange|null  $load  on board besides */
    public function of(RigSheets $sheets, ?LoadChange $load): RigPrior
    {
        $rates = $this->rates($sheets, $this->learned);
        $told = $sheets->tension->asTold();
        if ($told !== null) {
            return new RigPrior($sheets->known, $rates, $told, $load);
        }
        // What was learned of a hitch's tension stands against the textbook's rates; without it, the rates as learned
        // tell more.
        $isLearned = $this->learned->has('tension');
        $textbook = $isLearned ? $this->rates($sheets, LearnedPriors::of([])) : $rates;
        $usual = $sheets->tension->over(
            (new RigPrior($sheets->known, $textbook, Normal::of(0.0, 0.0)))
                ->likelyRig()
                ->tensionFor(UsualRig::SHARE_AT_START),
        );
        $prior = new RigPrior($sheets->known, $rates, $usual, $load);

        return $isLearned
            ? $prior->withTensionFor(
                $this->learned->length('tension', $usual),
                $textbook[RigParameter::BarRate->value]->value,
                UsualRig::SHARE_AT_START,
            )
            : $prior;
    }

    /** @return non-empty-list<LogNormal> in the order of RigPrior's constants */
    private function rates(RigSheets $sheets, LearnedPriors $learned): array
    {
        $tongue = $sheets->tongueWeight->value;
        $gross = $sheets->known->grossWeight;
        $onAxles = max($gross - $tongue, UsualRig::LEAST_ON_AXLES * $gross);

        return [
            $learned->share('front_rate', $sheets->frontRate),
            $learned->share('rear_rate', $sheets->rearRate),
            $sheets->tongueWeight,
            $learned->share(
                'trailer_rate',
                new LogNormal($onAxles / UsualRig::TRAILER_SINK_MM, $this->doubts->trailerRate),
            ),
            new LogNormal($sheets->cgAboveAxle, $this->doubts->cgHeight),
            $sheets->bars->rate($tongue, $this->doubts, $learned),
        ];
    }
}

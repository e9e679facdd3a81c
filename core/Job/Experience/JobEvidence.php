<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

use Yoke\Foundation\Probability\Normal;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;

/** What the readings of one finished job told of its rig, apart from what was expected beforehand. */
final readonly class JobEvidence
{
    /**
     * Readings that shrink a doubt by less than so much told nothing worth keeping: precision, in that of what was
     * expected.
     */
    private const LEAST = 0.1;

    /** No reading tells more closely than this, as a share of the textbook's doubt: the model is not the rig. */
    private const FLOOR = 0.1;

    /**
     * @param  RigPrior  $textbook  the same rig by the textbook
     * @param  Posterior  $posterior  as all readings tell it
     */
    public function __construct(
        private Subject $subject,
        private RigPrior $textbook,
        private Posterior $posterior,
        private PriorDoubts $doubts,
    ) {
    }

    /** @return list<Evidence> */
    public function all(): array
    {
        $evidence = [];
        foreach (Source::OF_RIGS as $source) {
            $one = $this->of($source);
            $evidence = $one === null ? $evidence : [...$evidence, $one];
        }

        return $evidence;
    }

    private function of(Source $source): ?Evidence
    {
        $parameter = $source->parameter();
        $at = $this->subject->in($source);
        if ($parameter === null || $at === null || ! $this->isAsUsual($source)) {
            return null;
        }
        $told = $this->told($parameter);
        $expected = $this->expected($parameter);
        [$mean, $deviation] = [$told->mean(), $told->deviation()];
        [$before, $doubt] = [$expected->mean(), $expected->deviation()];
        $precision = 1.0 / $deviation ** 2 - 1.0 / $doubt ** 2;
        if ($precision * $doubt ** 2 < self::LEAST) {
            return null;
        }
        $alone = ($mean / $deviation ** 2 - $before / $doubt ** 2) / $precision;

        return new Evidence(
            $source,
            $at->group,
            $at->item,
            $alone - $this->usual($parameter),
            hypot(1.0 / sqrt($precision), self::FLOOR * $source->textbook($this->doubts)),
        );
    }

    /** Bars whose rate was on their data sheet, or that nobody rated, tell nothing of how bars hold to their rating. */
    private function isAsUsual(Source $source): bool
    {
        return $source !== Source::BarRate ||
            abs($this->textbook->doubtful(RigParameter::BarRate)->share - $this->doubts->barRate) < 1e-9;
    }

    /** How far the textbook's bars lie from the likely ones, in prior deviations: a tension is told for those. */
    private function textbooksBars(): float
    {
        $bars = $this->posterior->prior()->doubtful(RigParameter::BarRate);

        return $bars->share > 0.0
            ? log($this->textbook->doubtful(RigParameter::BarRate)->value / $bars->value) / $bars->share
            : 0.0;
    }

    /** Of a share in the logarithm; of a tension in mm, for the textbook's bars. */
    private function told(RigParameter $parameter): Normal
    {
        if ($parameter === RigParameter::Tension) {
            return $this->posterior->given($parameter->value, RigParameter::BarRate->value, $this->textbooksBars());
        }
        $value = $this->posterior->value($parameter->value);

        return Normal::of(log($value->mean()), $value->deviation() / $value->mean());
    }

    /**
     * The same as it was expected before the readings; a tension that was taped is told by that, and expected as usual.
     */
    private function expected(RigParameter $parameter): Normal
    {
        $prior = $this->posterior->prior();
        if ($parameter !== RigParameter::Tension) {
            return Normal::of(log($prior->doubtful($parameter)->value), $prior->doubtful($parameter)->share);
        }
        $isTaped = $prior->worth($parameter->value, 0.0) <= $this->doubts->tensionTapedMm;
        $as = $isTaped ? $this->textbook : $prior;

        return Normal::of($as->likely($parameter->value), $as->worth($parameter->value, 0.0));
    }

    private function usual(RigParameter $parameter): float
    {
        return $parameter === RigParameter::Tension
            ? $this->textbook->likely($parameter->value)
            : log($this->textbook->doubtful($parameter)->value);
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
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
        [$mean, $deviation] = $this->told($parameter);
        [$before, $doubt] = $this->expected($parameter);
        $precision = 1.0 / $deviation ** 2 - 1.0 / $doubt ** 2;
        if ($precision * $doubt ** 2 < self::LEAST) {
            return null;
        }
        $alone = ($mean / $deviation ** 2 - $before / $doubt ** 2) / $precision;

        return new Evidence(
            $source,
            $at[0],
            $at[1],
            $alone - $this->usual($parameter),
            hypot(1.0 / sqrt($precision), self::FLOOR * $source->textbook($this->doubts)),
        );
    }

    /** Bars whose rate was on their data sheet, or that nobody rated, tell nothing of how bars hold to their rating. */
    private function isAsUsual(Source $source): bool
    {
        return $source !== Source::BarRate ||
            abs($this->textbook->doubtful(RigPrior::BAR_RATE)->share - $this->doubts->barRate) < 1e-9;
    }

    /** How far the textbook's bars lie from the likely ones, in prior deviations: a tension is told for those. */
    private function textbooksBars(): float
    {
        $bars = $this->posterior->prior()->doubtful(RigPrior::BAR_RATE);

        return $bars->share > 0.0
            ? log($this->textbook->doubtful(RigPrior::BAR_RATE)->value / $bars->value) / $bars->share
            : 0.0;
    }

    /**
     * @return array{float, float} mean and deviation, of a share in the logarithm; of a tension for the textbook's bars
     */
    private function told(int $parameter): array
    {
        if ($parameter === RigPrior::TENSION) {
            $tension = $this->posterior->given(RigPrior::TENSION, RigPrior::BAR_RATE, $this->textbooksBars());

            return [$tension->mean(), $tension->deviation()];
        }
        $value = $this->posterior->value($parameter);

        return [log($value->mean()), $value->deviation() / $value->mean()];
    }

    /**
     * The same as it was expected before the readings; a tension that was taped is told by that, and expected as usual.
     *
     * @return array{float, float}
     */
    private function expected(int $parameter): array
    {
        $prior = $this->posterior->prior();
        if ($parameter !== RigPrior::TENSION) {
            return [log($prior->doubtful($parameter)->value), $prior->doubtful($parameter)->share];
        }
        $isTaped = $prior->worth($parameter, 0.0) <= $this->doubts->tensionTapedMm;
        $as = $isTaped ? $this->textbook : $prior;

        return [$as->likely($parameter), $as->worth($parameter, 0.0)];
    }

    private function usual(int $parameter): float
    {
        return $parameter === RigPrior::TENSION
            ? $this->textbook->likely($parameter)
            : log($this->textbook->doubtful($parameter)->value);
    }
}

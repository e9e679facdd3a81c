<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Prior\KnownRig;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Adjuster\Adjusters;

/**
 * Which bars hold a rig's tongue weight all year and restore its front axle within their rating (docs/model.md, Which
 * bars).
 */
final readonly class BarChoice
{
    /** Chances nearer than this are the same; the lighter bars ride softer, and their steps are finer. */
    private const ALIKE = 0.02;

    /** A step is coarse that moves more than this share of the target range. */
    private const COARSE = 0.5;

    /**
     * @param  Adjusters  $adjusters  of the hitch, whose steps they are bent by
     * @param  TargetRange  $band  that is aimed at while measuring: what levelling takes back is in it
     */
    public function __construct(
        private RigPrior $rig,
        private Season $season,
        private Adjusters $adjusters,
        private TargetRange $band,
        private PriorDoubts $doubts,
    ) {
    }

    /** @return non-empty-list<BarCandidate> the suggested one first, then by their chance; none is left out */
    public function ranked(BarRange $first, BarRange ...$offered): array
    {
        $candidates = array_map($this->candidate(...), [$first, ...array_values($offered)]);
        usort(
            $candidates,
            static fn (BarCandidate $one, BarCandidate $other): int => [
                $other->chance,
                $one->bars->heaviest->kilograms(),
            ] <=> [$one->chance, $other->bars->heaviest->kilograms()],
        );
        $suggested = $candidates[0];
        foreach ($candidates as $candidate) {
            $isAlike = $candidates[0]->chance - $candidate->chance <= self::ALIKE;
            $suggested =
                $isAlike && $suggested->bars->heaviest->isGreaterThan($candidate->bars->heaviest)
                    ? $candidate
                    : $suggested;
        }

        return [
            $suggested,
            ...array_values(
                array_filter($candidates, static fn (BarCandidate $candidate): bool => $candidate !== $suggested),
            ),
        ];
    }

    private function candidate(BarRange $bars): BarCandidate
    {
        $rating = $bars->heaviest->kilograms();
        $middle = $this->band->middle();
        $rig = $this->rig->withBars($bars->rate($this->doubts), Normal::of(0.0, 0.0));
        $load = $rig
            ->loaded($this->season->heaviest)
            ->predict(
                static fn (CoupledRig $one): float => $one->carried($one->tensionFor($middle))->barLoad()->kilograms() /
                    KnownRig::BARS,
            );

        return new BarCandidate(
            $bars,
            $this->season->chanceOver($bars),
            $this->season->chanceUnder($bars),
            1.0 - $load->chanceBelow($rating),
            $this->step($rig->likelyRig()),
            self::COARSE * ($this->band->to - $this->band->from),
        );
    }

    private function step(CoupledRig $rig): float
    {
        $tension = $rig->tensionFor($this->band->middle());

        return $rig->taut($tension + $this->adjusters->finestStep())->frontRestored() -
            $rig->taut($tension)->frontRestored();
    }
}

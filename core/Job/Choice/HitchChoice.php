<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\Want;
use Yoke\Rig\Specification\SpecificationSheet;

/**
 * Before a purchase: whether a vehicle and a trailer need weight distribution, which bars, which family, and how
 * hitches compare.
 */
final readonly class HitchChoice
{
    /** Bars are held against a rig by the steps of this family: links, and half of them. */
    private const REFERENCE = 'chain-snap-up';

    /** So many families are suggested. */
    private const SUGGESTED = 2;

    public Season $season;

    private Goal $goal;

    /** What is aimed at while measuring: what levelling takes back is in it. */
    public TargetRange $band;

    /**
     * @param  SpecifiedRig  $rig  vehicle and trailer; whatever hitch it has is left aside
     * @param  TargetRange  $shops  the shop's own range
     */
    public function __construct(
        private SpecifiedRig $rig,
        LoadChange $light,
        LoadChange $heavy,
        TargetRange $shops,
        private Tolerances $tolerances,
        private StoppingRules $policy,
    ) {
        $reference = $rig->withHitch(new SpecificationSheet(['family' => self::REFERENCE]), null);
        $this->season = Season::of(
            $reference->prior()->doubtful(RigParameter::TongueWeight),
            $rig->sheets->ballToAxle(),
            $light,
            $heavy,
        );
        $this->goal = $reference->goal($shops, Criterion::FrontRestoration, $tolerances);
        $this->band = (new RigPlan($reference, $this->goal, $policy))->rangeBefore();
    }

    public function need(): SeasonNeed
    {
        return new SeasonNeed(
            $this->rig->withHitch(new SpecificationSheet(['family' => 'plain-ball']), null),
            $this->season,
            $this->goal,
            $this->policy,
        );
    }

    /** @return non-empty-list<BarCandidate> the suggested bars first */
    public function bars(): array
    {
        $reference = $this->rig->withHitch(new SpecificationSheet(['family' => self::REFERENCE]), null);
        $family = Families::get(self::REFERENCE);

        return (new BarChoice(
            $reference->prior(),
            $this->season,
            $family->adjusters($family->facts()->usual),
            $this->band,
            $this->rig->doubts(),
        ))->ranked(...BarRange::usual());
    }

    /**
     * The bars to suggest: those that come first, where there is hope for them and a bench would hook them up; else
     * none.
     */
    public function suggestedBars(): ?BarCandidate
    {
        $best = $this->bars()[0];
        $isOpen =
            $best->chance > $this->policy->hopeless &&
            $this->on(HitchOffer::usual(Families::get(self::REFERENCE), $best->bars))->isPossible();

        return $isOpen ? $best : null;
    }

    /** @return non-empty-list<FamilyCandidate> with bars of that range, the best suited first */
    public function families(BarRange $bars, Want ...$wants): array
    {
        return (new FamilyChoice($this->rig, $bars, $this->band))->ranked(...$wants);
    }

    /** @return list<HitchOffer> those bars on the families that suit best */
    public function suggested(BarRange $bars, Want ...$wants): array
    {
        return array_map(
            static fn (FamilyCandidate $one): HitchOffer => HitchOffer::usual($one->family, $bars),
            array_slice($this->families($bars, ...$wants), 0, self::SUGGESTED),
        );
    }

    /** A hitch on this rig. */
    public function on(HitchOffer $offer): HitchOnRig
    {
        return new HitchOnRig(
            $offer,
            $this->rig,
            $this->season,
            $offer->on($this->rig)->goal($this->goal->band, $this->goal->criterion, $this->tolerances),
            $this->policy,
        );
    }
}

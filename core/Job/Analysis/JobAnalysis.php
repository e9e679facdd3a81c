<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Job\Planning\Assumption;
use Yoke\Job\Planning\Check;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\Diagnosis;
use Yoke\Judgement\Advice\Finding;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\LookMinutes;
use Yoke\Judgement\Advice\LookOffer;
use Yoke\Judgement\Advice\Looks;
use Yoke\Judgement\Advice\RecheckLog;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Advice\StanceEvaluator;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Advice\TensionAdvice;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Goal;
use Yoke\Measuring\Estimation\ComputedPosteriors;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Posteriors;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\Residual;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Parts\Stance;

/**
 * Everything that a job's readings tell, worked out once: the rig, the verdict, the evidence of each instrument, the
 * next
 * move. Runs from any readings, also none: what nobody measured is assumed with its doubt.
 */
final class JobAnalysis
{
    /** A ball whose height over the coupler is in more doubt was not taped, mm. */
    private const TAPED_MM = 10.0;

    /** So many deviations off, what somebody saw is contradicted by the rest. */
    private const SEEN_OTHERWISE = 2.0;

    private ?Posterior $posterior = null;

    private ?StanceEvaluator $stances = null;

    private ?MeasuredStances $measured = null;

    private ?Recommendation $recommendation = null;

    /** @var list<InstrumentEvidence>|null */
    private ?array $evidence = null;

    private readonly InstrumentReadings $instruments;

    /**
     * @param  RigPrior  $prior  of a hook-up whose setting nobody knows: with its wide tension
     * @param  list<Observation>  $observations
     * @param  HitchSettings|null  $hitch  null until the hitch's family is known
     * @param  CurrentSetting|null  $current  the hook-up that is on; null while nothing was read carried
     */
    public function __construct(
        private readonly RigPrior $prior,
        private readonly array $observations,
        public readonly Goal $goal,
        private readonly StoppingRules $policy,
        private readonly ?HitchSettings $hitch,
        public readonly ?CurrentSetting $current,
        private readonly Posteriors $fits = new ComputedPosteriors(),
    ) {
        $this->instruments = new InstrumentReadings($prior, $observations, $goal, $current, $fits);
    }

    public function posterior(): Posterior
    {
        return $this->posterior ??= $this->fits->posterior($this->prior, $this->observations);
    }

    public function stances(): StanceEvaluator
    {
        return $this->stances ??= new StanceEvaluator($this->posterior(), $this->goal);
    }

    /** Null while nothing was read carried, and of a rig that was read in no other stance. */
    public function verdict(): ?GoverningVerdict
    {
        return $this->current === null || $this->measured()->isCarriedAlone() ? null : $this->verdictOf($this->current);
    }

    public function measured(): MeasuredStances
    {
        return $this->measured ??= new MeasuredStances($this->observations);
    }

    /** Of any hook-up of the job, by all that was read. */
    public function verdictOf(CurrentSetting $hookUp): GoverningVerdict
    {
        $forecast = $this->stances()->at($hookUp->tensionOffset, $hookUp->ballOffset, $hookUp->hookUp);
        $lost = $forecast->quantities->lost;

        return new GoverningVerdict(
            $this->goal->criterion,
            $forecast->share(),
            $forecast->quantity(),
            $forecast->chances,
            $lost,
            $this->goal->band->raisedBy($lost),
        );
    }

    /** The next move in the hitch's settings; null while its family, or the setting that is on, is not known. */
    public function recommendation(): ?Recommendation
    {
        if ($this->hitch === null || ($this->current !== null && $this->current->setting === null)) {
            return null;
        }

        return $this->recommendation ??= $this->advised();
    }

    /** A stop is held up while scale and tape contradict each other, until either was read again. */
    private function advised(): Recommendation
    {
        $advised = (new Advisor($this->settable(), $this->goal, $this->policy))->advise(
            $this->posterior(),
            $this->current?->setting,
            $this->looked(),
        );

        return $advised->action === Action::Stop && $this->clash() !== null && ! $this->isReadAgain()
            ? $advised->heldUp()
            : $advised;
    }

    /** Null where scale and tape agree, and where levelling moved the fenders. */
    private function clash(): ?InstrumentClash
    {
        return $this->current === null || $this->goal->levelling !== null
            ? null
            : InstrumentClash::between($this->evidence());
    }

    /** Whether the hook-up that is on was taped or weighed more than once. */
    private function isReadAgain(): bool
    {
        $times = [];
        foreach ($this->observations as $observation) {
            if (
                $observation->context->stance === Stance::Carried &&
                $observation->context->hookUp->number === $this->current?->hookUp
            ) {
                $times[$observation->observed->name] = ($times[$observation->observed->name] ?? 0) + 1;
            }
        }

        return max($times[Observed::FrontHeight->name] ?? 0, $times[Observed::FrontLoad->name] ?? 0) > 1;
    }

    /**
     * What is moved: the head only where something tells how the trailer stands, a ball height, a coupler height or an
     * angle.
     */
    private function settable(): HitchSettings
    {
        $hitch = $this->hitch ?? throw new \LogicException('Only a hitch of a known family has settings.');

        return $this->current?->setting === null || $this->isNoseKnown()
            ? $hitch
            : $hitch->headAsIn($this->current->setting);
    }

    /**
     * What can be looked at, what saves most for its minutes first; none where nothing can be set.
     *
     * @param  float  $tapedMm  how well four heights tell the tension of the bars, one deviation, mm
     * @param  float  $byGapMm  how well a gap tells it
     * @return list<LookOffer>
     */
    public function looks(LookMinutes $minutes, float $tapedMm, float $byGapMm): array
    {
        $advised = $this->recommendation();

        return $advised === null
            ? []
            : (new Looks(
                $this->settable(),
                $this->goal,
                $this->policy,
                $minutes,
                $tapedMm,
                $byGapMm,
                $this->posterior(),
                $this->looked(),
            ))->offered($advised, $this->current?->setting);
    }

    private function looked(): RecheckLog
    {
        return RecheckLog::in($this->observations, $this->current->hookUp ?? 0, $this->current->readings ?? 0);
    }

    /** Whether anybody read what a check looks at, of the hook-up that is on, and nothing contradicts it. */
    public function isRead(Check $check): bool
    {
        return match (true) {
            $check->kind->isAttitude() => $this->readCarried(
                Observed::CouplerRise,
                Observed::NoseRise,
                Observed::NoseSeen,
            ),
            $check->kind->isBend() => $this->readCarried(Observed::BendSeen),
            default => false,
        };
    }

    private function readCarried(Observed ...$what): bool
    {
        $contradicted = array_map(
            static fn (Residual $one): Observation => $one->observation,
            $this->contradictedSights(),
        );
        foreach ($this->observations as $observation) {
            $isOn =
                $observation->context->stance === Stance::Carried &&
                $this->current !== null &&
                abs($observation->context->tensionOffset - $this->current->tensionOffset) < 1e-6;
            $isTold = in_array($observation->observed, $what, true) && ! in_array($observation, $contradicted, true);
            if ($isOn && $isTold) {
                return true;
            }
        }

        return false;
    }

    private function isNoseKnown(): bool
    {
        $isTaped = $this->prior->known()->doubts->of(RigDimension::BallOverCoupler) <= self::TAPED_MM;
        foreach ($isTaped ? [] : $this->observations as $observation) {
            $isTaped = $isTaped || in_array($observation->observed, [Observed::CouplerRise, Observed::NoseRise], true);
        }

        return $isTaped;
    }

    /** What a gauge in the head is to show. */
    public function gauge(): GaugeTarget
    {
        $lost =
            $this->goal->levelling === null
                ? 0.0
                : $this->stances()->quantities(
                    $this->goal->ballLoad(),
                    $this->current->tensionOffset ?? $this->tensionInRange() - $this->posterior()->tension(),
                    $this->current->ballOffset ?? 0.0,
                )->lost;

        return new GaugeTarget($this->posterior(), $this->goal, $lost, $this->current);
    }

    /** Of the middle of the range, mm. */
    private function tensionInRange(): float
    {
        return $this->posterior()
            ->rig()
            ->tensionFor($this->goal->band->middle());
    }

    /** The next move in direction and millimetres of front height. */
    public function tension(): TensionAdvice
    {
        return TensionAdvice::of($this->stances(), $this->current);
    }

    /** @return list<MethodView> the five side by side; none while nothing was read carried */
    public function methods(): array
    {
        return $this->current === null
            ? []
            : (new MethodViews($this->stances(), $this->instruments, $this->observations, $this->current))->all();
    }

    /** @return list<InstrumentEvidence> what each instrument that read the hook-up says for itself */
    public function evidence(): array
    {
        return $this->evidence ??= $this->instruments->evidence($this->stances());
    }

    /**
     * What somebody saw that all other readings contradict: it stays, with its wide doubt.
     *
     * @return list<Residual>
     */
    public function contradictedSights(): array
    {
        return array_values(
            array_filter(
                $this->posterior()->readings,
                static fn (Residual $one): bool => $one->observation->observed->isSeen() &&
                    abs($one->off) > self::SEEN_OTHERWISE * $one->deviation,
            ),
        );
    }

    /** @return list<Disagreement> */
    public function disagreements(): array
    {
        return $this->instruments->disagreements($this->evidence(), $this->posterior()->suspects);
    }

    /** @return list<Suspect> readings that may be mistakes, the likeliest first */
    public function suspects(): array
    {
        $against = $this->clash()?->suspect($this->posterior()->readings, $this->current->hookUp ?? 0);

        return $against === null ? $this->posterior()->suspects : $against->among($this->posterior()->suspects);
    }

    /** @return list<Finding>|null what is wrong with the hook-up; null while nothing was read carried */
    public function findings(): ?array
    {
        return $this->diagnosis()?->findings($this->verdict()->chances->tooMuch ?? 1.0);
    }

    /** Of the hook-up that is on; null while nothing was read carried. */
    public function diagnosis(): ?Diagnosis
    {
        return $this->current === null
            ? null
            : new Diagnosis($this->stances(), $this->current, $this->hitch->constraints ?? []);
    }

    /**
     * What was assumed, the most useful to know first.
     *
     * @param  list<Assumption>  $assumptions
     * @return list<WorthKnowing>
     */
    public function worthKnowing(array $assumptions): array
    {
        $first = $this->firstChance($this->posterior());
        $doubt = $this->doubtOfShare($this->posterior());
        $worth = array_map(
            fn (Assumption $assumption): WorthKnowing => $this->worth($assumption, $first, $doubt),
            $assumptions,
        );
        usort($worth, static fn (WorthKnowing $one, WorthKnowing $other): int => $other->gain() <=> $one->gain());

        return $worth;
    }

    /**
     * @param  float|null  $first  chance of the best first setting as things stand
     * @param  float  $doubt  of the restored share as things stand
     */
    private function worth(Assumption $assumption, ?float $first, float $doubt): WorthKnowing
    {
        if ($assumption->parameter === null) {
            return new WorthKnowing($assumption, $first, $first, $doubt, $doubt);
        }
        $then = $this->posterior()->knowing($assumption->parameter, $assumption->measured);
        foreach ($assumption->besides as $parameter => $left) {
            $then = $then->knowing($parameter, $left);
        }

        return new WorthKnowing($assumption, $first, $this->firstChance($then), $doubt, $this->doubtOfShare($then));
    }

    /** Of the best first setting; null once something is hooked up, and while the family is not known. */
    private function firstChance(Posterior $posterior): ?float
    {
        return match (true) {
            $this->hitch === null || $this->current !== null => null,
            $posterior === $this->posterior() => $this->recommendation()?->forecast->chance,
            default => (new Advisor($this->hitch, $this->goal, $this->policy))->advise($posterior)->forecast->chance,
        };
    }

    private function doubtOfShare(Posterior $posterior): float
    {
        $offset = $this->current->tensionOffset ?? 0.0;

        return $posterior
            ->predict(
                static fn (CoupledRig $rig, float $tension): float => $rig->taut($tension + $offset)->frontRestored(),
                $this->current->ballOffset ?? 0.0,
            )
            ->deviation();
    }
}

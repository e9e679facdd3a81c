<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Advice\StanceEvaluator;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\FrontRestoration;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\StanceQuantities;
use Yoke\Measuring\Estimation\Posteriors;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Stories\Suspect;
use Yoke\Measuring\Readings\Weighing\Weighing;
use Yoke\Rig\Parts\Stance;

/** The readings of a job by instrument: what each says for itself, and where two differ. */
final readonly class InstrumentReadings
{
    /** An instrument speaks for itself where nothing else is told of the tension: one deviation, mm. */
    private const OPEN_MM = 60.0;

    /** So many deviations apart, two instruments differ. */
    private const APART = 2.0;

    /** From this chance on a reading is taken for a mistake. */
    private const SUSPECT = 0.5;

    /** @param  list<Observation>  $observations */
    public function __construct(
        private RigPrior $prior,
        private array $observations,
        private Goal $goal,
        private ?CurrentSetting $current,
        private Posteriors $fits,
    ) {
    }

    /** @return list<InstrumentEvidence> */
    public function evidence(StanceEvaluator $all): array
    {
        $current = $this->current;

        return $current === null
            ? []
            : array_map(
                fn (Instrument $instrument): InstrumentEvidence => $this->of($instrument, $current, $all),
                $this->present($current),
            );
    }

    /**
     * Where two instruments differ; what an eye saw is none to hold against a tape or a scale.
     *
     * @param  list<InstrumentEvidence>  $evidence
     * @param  list<Suspect>  $suspects
     * @return list<Disagreement>
     */
    public function disagreements(array $evidence, array $suspects): array
    {
        $found = [];
        $evidence = array_values(
            array_filter(
                $evidence,
                static fn (InstrumentEvidence $one): bool => $one->instrument !== Instrument::Eye,
            ),
        );
        foreach ($evidence as $i => $one) {
            foreach ($evidence as $j => $other) {
                $apart = abs($one->share->mean() - $other->share->mean());
                if ($i < $j && $apart > self::APART * hypot($one->share->deviation(), $other->share->deviation())) {
                    $found[] = new Disagreement($one, $other, $this->cause($one, $other, $suspects));
                }
            }
        }

        return $found;
    }

    /** @param  list<Suspect>  $suspects */
    private function cause(InstrumentEvidence $one, InstrumentEvidence $other, array $suspects): DisagreementCause
    {
        foreach ($suspects as $suspect) {
            $observation = $suspect->observation();
            if (
                $observation !== null &&
                $suspect->chance > self::SUSPECT &&
                in_array(Instrument::of($observation->observed), [$one->instrument, $other->instrument], true)
            ) {
                return DisagreementCause::SuspectReading;
            }
        }

        return $this->goal->levelling !== null &&
            ($one->instrument === Instrument::Tape || $other->instrument === Instrument::Tape)
            ? DisagreementCause::Levelling
            : DisagreementCause::Friction;
    }

    private function of(Instrument $instrument, CurrentSetting $current, StanceEvaluator $all): InstrumentEvidence
    {
        $own = array_values(
            array_filter(
                $this->observations,
                static fn (Observation $observation): bool => Instrument::of($observation->observed) === $instrument,
            ),
        );
        $stances = count($own) === count($this->observations) ? $all : $this->alone($own);
        $weighed = $instrument === Instrument::Scale ? $this->weighedFront($current) : null;
        $share =
            $weighed ??
            $stances->quantities(
                new FrontRestoration($this->goal->band),
                $current->tensionOffset,
                $current->ballOffset,
                $current->hookUp,
            )->share;
        $judged = (new FrontRestoration($this->goal->band))->chances(
            StanceQuantities::ofShare(
                $share,
                $stances->at($current->tensionOffset, $current->ballOffset, $current->hookUp)->quantities->lost,
                $this->goal->band->ceiling(),
            ),
        );

        return new InstrumentEvidence(
            $instrument,
            Normal::of(max(0.0, $share->mean()), $share->deviation()),
            $judged->verdict(),
        );
    }

    /**
     * What scales say by themselves: the front axle's load in three stances, and no model of its springs; null where it
     * was not weighed in each, or lost no more than scales doubt.
     */
    public function weighedFront(CurrentSetting $current): ?Normal
    {
        $alone = $this->front(Stance::Alone, 0.0, 0.0);
        $dropped = $this->front(Stance::Dropped, 0.0, null);
        $carried = $this->front(Stance::Carried, $current->tensionOffset, $current->ballOffset);
        if ($alone === null || $dropped === null || $carried === null) {
            return null;
        }

        return $alone->mean() - $dropped->mean() < self::APART * hypot($alone->deviation(), $dropped->deviation())
            ? null
            : Weighing::share($alone, $dropped, $carried);
    }

    /**
     * The front axle's load as it was weighed in a stance, all its weighings together.
     *
     * @param  float|null  $ballOffset  null of a stance that is the same wherever the ball stands
     */
    private function front(Stance $stance, float $tensionOffset, ?float $ballOffset): ?Normal
    {
        [$sum, $precision] = [0.0, 0.0];
        foreach ($this->observations as $one) {
            if (
                $one->observed === Observed::FrontLoad &&
                $one->context->stance === $stance &&
                ($stance !== Stance::Carried || abs($one->context->tensionOffset - $tensionOffset) < 1e-6) &&
                ($ballOffset === null || abs($one->context->ballOffset - $ballOffset) < 1e-6)
            ) {
                $sum += $one->value / $one->deviation ** 2;
                $precision += 1.0 / $one->deviation ** 2;
            }
        }

        return $precision <= 0.0 ? null : Normal::of($sum / $precision, 1.0 / sqrt($precision));
    }

    /** @param  list<Observation>  $own */
    private function alone(array $own): StanceEvaluator
    {
        $open = $this->prior->withTension(
            Normal::of(
                $this->prior->likely(RigParameter::Tension->value),
                max(self::OPEN_MM, $this->prior->worth(RigParameter::Tension->value, 0.0)),
            ),
        );

        return new StanceEvaluator($this->fits->asRead($open, $own), $this->goal);
    }

    /** @return list<Instrument> that read the hook-up that is on */
    private function present(CurrentSetting $current): array
    {
        $present = [];
        foreach ($this->observations as $observation) {
            $instrument = Instrument::of($observation->observed);
            $context = $observation->context;
            if (
                $instrument !== null &&
                $context->stance === Stance::Carried &&
                abs($context->tensionOffset - $current->tensionOffset) < 1e-6 &&
                abs($context->ballOffset - $current->ballOffset) < 1e-6
            ) {
                $present[$instrument->value] = $instrument;
            }
        }

        return array_values($present);
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Job\Analysis;

use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Advice\StanceEvaluator;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\StanceQuantities;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Parts\Stance;

/** What each of the five methods says of the hook-up that is on. */
final readonly class MethodViews
{
    /** @param  list<Observation>  $observations */
    public function __construct(
        private StanceEvaluator $stances,
        private InstrumentReadings $instruments,
        private array $observations,
        private CurrentSetting $current,
    ) {
    }

    /** @return list<MethodView> side by side */
    public function all(): array
    {
        return array_map($this->view(...), Criterion::cases());
    }

    private function view(Criterion $criterion): MethodView
    {
        [$goal, $current] = [$this->stances->goal, $this->current];
        $method = $goal->method($criterion);
        $quantities = $this->stances->quantities(
            $method,
            $current->tensionOffset,
            $current->ballOffset,
            $current->hookUp,
        );
        $carried = $this->stances->at($current->tensionOffset, $current->ballOffset, $current->hookUp)->carried;
        $bend = $carried->barBend()->millimetres();
        if ($criterion === Criterion::BallLoad) {
            $load = $this->stances->posterior->predict(
                static fn (CoupledRig $rig, float $tension): float => $rig
                    ->taut($tension + $current->tensionOffset)
                    ->ballLoad()->kilograms(),
                $current->ballOffset,
            );

            return new MethodView(
                $criterion,
                $load,
                $this->stances->chances($method, $current->tensionOffset, $current->ballOffset, $current->hookUp),
                $bend,
                $goal->ballLoad()->target($carried->rig(), $quantities->lost),
            );
        }
        $weighed = $this->scaleAlone($criterion);
        if ($weighed !== null) {
            return new MethodView(
                $criterion,
                $weighed,
                $method->chances(
                    StanceQuantities::ofShare($weighed, $quantities->lost, $goal->band->ceiling()),
                ),
                $bend,
            );
        }
        $isRead =
            $criterion !== Criterion::AxleScale ||
            $goal->criterion === Criterion::AxleScale ||
            $this->wasWeighed();

        $value = $criterion->isShare()
            ? Normal::of(max(0.0, $quantities->share->mean()), $quantities->share->deviation())
            : $quantities->quantity;

        return new MethodView(
            $criterion,
            $isRead ? $value : null,
            $isRead
                ? $this->stances->chances(
                    $method,
                    $current->tensionOffset,
                    $current->ballOffset,
                    $current->hookUp,
                )
                : null,
            $bend,
        );
    }

    /** What the scale says by itself, where it does not govern and weighed the front in three stances. */
    private function scaleAlone(Criterion $criterion): ?Normal
    {
        return $criterion === Criterion::AxleScale && $this->stances->goal->criterion !== $criterion
            ? $this->instruments->weighedFront($this->current)
            : null;
    }

    private function wasWeighed(): bool
    {
        foreach ($this->observations as $observation) {
            if ($observation->context->stance === Stance::Carried && $observation->observed->isAxleLoad()) {
                return true;
            }
        }

        return false;
    }
}

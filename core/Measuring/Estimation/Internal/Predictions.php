<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Parts\Stance;

/**
 * What the model says of every observation, for parameters in prior deviations: the rig's own, then the nuisances that
 * its observations need.
 *
 * @internal
 */
final class Predictions
{
    private const STEP = 0.05;

    /** A level height of the coupler in more doubt than this is looked for among the readings, mm. */
    private const TAPED_MM = 20.0;

    /** @var array<string, int> parameter by nuisance */
    private array $places = [];

    /** @var array<string, float> one prior deviation of each, in its own unit */
    private array $spreads = [];

    /** @var array<string, float> where each height and load alone is looked for */
    private array $centres;

    /**
     * @var list<array{float, list<array{Stance, float, list<array{int, Observed, list<array{int, float, float}>}>}>}>
     *     by ball offset: stances with what is observed in them, by its row, and the place, centre and spread of what
     *     of it stands alone
     */
    private array $byOffset = [];

    /** @var array<int, int> by observation: its row; readings of the same in the same stance share one */
    private array $rowOf = [];

    /** @var array<int, float> by observation */
    private array $leans = [];

    /** @param  list<Observation>  $observations */
    public function __construct(private readonly RigPrior $prior, private readonly array $observations)
    {
        $this->placeNuisances();
        $this->centres = $this->look();
        $this->groupRows();
    }

    private function groupRows(): void
    {
        $groups = [];
        $rows = [];
        foreach ($this->observations as $i => $observation) {
            $context = $observation->context;
            $stance = "{$context->stance->value} {$context->tensionOffset}";
            $kind = "{$context->ballOffset} {$stance} {$observation->observed->name}";
            $groups[(string) $context->ballOffset][$stance] ??= [$context->stance, $context->tensionOffset, []];
            if (! isset($rows[$kind])) {
                $rows[$kind] = count($rows);
                $groups[(string) $context->ballOffset][$stance][2][] = [
                    $rows[$kind],
                    $observation->observed,
                    $this->standingAlone($observation->observed),
                ];
            }
            $this->rowOf[$i] = $rows[$kind];
            $this->leans[$i] = $observation->leans;
        }
        foreach ($groups as $offset => $stances) {
            $this->byOffset[] = [(float) $offset, array_values($stances)];
        }
    }

    /** @return list<array{int, float, float}> place, centre and spread of what of it stands alone already */
    private function standingAlone(Observed $observed): array
    {
        return array_map(
            fn (string $name): array => [$this->places[$name], $this->centres[$name], $this->spreads[$name]],
            MeasurementModel::standsAlone($observed),
        );
    }

    private function placeNuisances(): void
    {
        $needed = [Nuisance::FrontAlone, Nuisance::RearAlone];
        foreach ($this->observations as $observation) {
            array_push(
                $needed,
                ...match (true) {
                    $observation->observed === Observed::CouplerRise => [Nuisance::CouplerLevel],
                    $observation->observed === Observed::BallLoad => [Nuisance::GaugeFactor],
                    $observation->observed->isAxleLoad() => [
                        Nuisance::FrontLoadAlone,
                        Nuisance::RearLoadAlone,
                        Nuisance::GrossTrailer,
                    ],
                    default => [],
                },
            );
        }
        foreach (Nuisance::cases() as $nuisance) {
            if (in_array($nuisance, $needed, true)) {
                $this->places[$nuisance->name] = $this->prior->count() + count($this->places);
                $this->spreads[$nuisance->name] =
                    $nuisance->spread() ??
                    ($nuisance === Nuisance::GaugeFactor
                        ? $this->prior->known()->doubts->gaugeFactor()
                        : $this->prior->known()->doubts->couplerLevel());
            }
        }
    }

    public function parameters(): int
    {
        return $this->prior->count() + count($this->places);
    }

    /** The parameter of a nuisance that is needed. */
    public function place(Nuisance $nuisance): int
    {
        return $this->places[$nuisance->name];
    }

    /** One prior deviation of a nuisance that is needed, in its own unit. */
    public function spread(Nuisance $nuisance): float
    {
        return $this->spreads[$nuisance->name];
    }

    /** What stands alone on an axle, mm or kg. */
    public function alone(Nuisance $nuisance, float $deviations): float
    {
        return ($this->centres[$nuisance->name] ?? 0.0) + $this->spreads[$nuisance->name] * $deviations;
    }

    /**
     * @param  array<int, float>  $at
     * @return array<int, float> by observation
     */
    public function at(array $at): array
    {
        return $this->predict(
            $at,
            static fn (CoupledRig $rig, float $tension): Attitude => $rig->carried($tension),
        );
    }

    /**
     * What the bars do to each observation: carried less dropped.
     *
     * @param  array<int, float>  $at
     * @return array<int, float> by observation
     */
    public function byBars(array $at): array
    {
        $carried = $this->predict(
            $at,
            static fn (CoupledRig $rig, float $tension): Attitude => $rig->carried($tension),
        );
        $dropped = $this->predict($at, static fn (CoupledRig $rig, float $tension): Attitude => $rig->dropped());

        return array_map(static fn (float $with, float $without): float => $with - $without, $carried, $dropped);
    }

    /**
     * How each observation changes with each parameter; where bars are slack, as if they were taut.
     *
     * @param  array<int, float>  $at
     * @return list<array<int, float>> by parameter, then by observation
     */
    public function slopes(array $at): array
    {
        $taut = static fn (CoupledRig $rig, float $tension): Attitude => $rig->taut($tension);
        $here = $this->predict($at, $taut);
        $slopes = [];
        for ($parameter = 0; $parameter < $this->prior->count(); $parameter++) {
            $moved = $at;
            $moved[$parameter] += self::STEP;
            $slopes[] = array_map(
                static fn (float $there, float $before): float => ($there - $before) / self::STEP,
                $this->predict($moved, $taut),
                $here,
            );
        }
        foreach ($this->places as $name => $place) {
            $slopes[$place] =
                $name === Nuisance::GaugeFactor->name
                    ? $this->gaugeSlope($here)
                    : array_map(
                        fn (Observation $observation): float => in_array(
                            $name,
                            MeasurementModel::standsAlone($observation->observed),
                            true,
                        )
                            ? $this->spreads[$name]
                            : 0.0,
                        $this->observations,
                    );
        }

        return $slopes;
    }

    /**
     * @param  array<int, float>  $here
     * @return array<int, float>
     */
    private function gaugeSlope(array $here): array
    {
        return array_map(
            fn (Observation $observation, float $predicted): float => $observation->observed ===
            Observed::BallLoad
                ? ($predicted - $observation->leans) * $this->spreads[Nuisance::GaugeFactor->name]
                : 0.0,
            $this->observations,
            $here,
        );
    }

    /**
     * @param  array<int, float>  $at
     * @param  \Closure(CoupledRig, float): Attitude  $carry
     * @return array<int, float>
     */
    private function predict(array $at, \Closure $carry): array
    {
        return $this->spreadOut($this->rows($at, $carry));
    }

    /**
     * @param  array<int, float>  $rows
     * @return array<int, float> by observation
     */
    private function spreadOut(array $rows): array
    {
        $predicted = [];
        foreach ($this->rowOf as $i => $row) {
            $predicted[$i] = $rows[$row] + $this->leans[$i];
        }

        return $predicted;
    }

    /**
     * @param  array<int, float>  $at
     * @param  \Closure(CoupledRig, float): Attitude  $carry
     * @return array<int, float> by row
     */
    private function rows(array $at, \Closure $carry): array
    {
        $rows = [];
        $tension = $this->prior->tensionAt($at);
        $gauge = isset($this->places[Nuisance::GaugeFactor->name])
            ? exp($this->spreads[Nuisance::GaugeFactor->name] * $at[$this->places[Nuisance::GaugeFactor->name]])
            : 1.0;
        foreach ($this->byOffset as [$offset, $stances]) {
            $rig = $this->prior->rigAt($at, $offset);
            foreach ($stances as [$stance, $tensionOffset, $observed]) {
                $attitude = match ($stance) {
                    Stance::Alone => null,
                    Stance::Dropped => $rig->dropped(),
                    Stance::Carried => $carry($rig, $tension + $tensionOffset),
                };
                foreach ($observed as [$row, $what, $alone]) {
                    $value =
                        $attitude === null
                            ? 0.0
                            : MeasurementModel::of($what, $attitude, $tension + $tensionOffset) *
                                ($what === Observed::BallLoad ? $gauge : 1.0);
                    foreach ($alone as [$place, $centre, $spread]) {
                        $value += $centre + $spread * $at[$place];
                    }
                    $rows[$row] = $value;
                }
            }
        }

        return $rows;
    }

    /** @return array<string, float> the reading alone, or the first there is; of a shared platform its share */
    private function look(): array
    {
        $found = [];
        foreach ($this->observations as $observation) {
            $alone = MeasurementModel::standsAlone($observation->observed);
            if (
                count($alone) === 1 &&
                (! isset($found[$alone[0]]) || $observation->context->stance === Stance::Alone)
            ) {
                $found[$alone[0]] = $observation->value;
            }
        }
        $gross = $this->prior->known()->grossWeight;
        $found['GrossTrailer'] = $gross;
        if ($this->prior->known()->doubts->couplerLevel() < self::TAPED_MM) {
            $found['CouplerLevel'] = 0.0;
        }
        foreach ($this->observations as $observation) {
            $found += match ($observation->observed) {
                Observed::VehicleLoad => [
                    'FrontLoadAlone' => $observation->value / 2,
                    'RearLoadAlone' => $observation->value / 2,
                ],
                Observed::RearAndTrailerLoad => ['RearLoadAlone' => $observation->value - $gross],
                default => [],
            };
        }

        return $found + [
            'FrontAlone' => 0.0,
            'RearAlone' => 0.0,
            'CouplerLevel' => 0.0,
            'FrontLoadAlone' => 0.0,
            'RearLoadAlone' => 0.0,
        ];
    }
}

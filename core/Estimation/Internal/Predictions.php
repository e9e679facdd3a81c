<?php

declare(strict_types=1);

namespace Yoke\Estimation\Internal;

use Yoke\Estimation\Observation;
use Yoke\Estimation\Observed;
use Yoke\Estimation\RigPrior;
use Yoke\Rig\Stance;
use Yoke\Statics\Attitude;
use Yoke\Statics\CoupledRig;

/**
 * What the model says of every observation, for parameters in prior deviations: the rig's seven, then what stands alone
 * on the front and the rear axle, heights and loads.
 *
 * @internal
 */
final class Predictions
{
    public const FRONT_ALONE = 7;

    public const REAR_ALONE = 8;

    public const FRONT_LOAD_ALONE = 9;

    public const REAR_LOAD_ALONE = 10;

    /** The gross trailer weight as a scale shows it: what is told of it is only placard and habit. */
    public const GROSS_TRAILER = 11;

    /** How far around the first reading a height, mm, and a load, kg, alone may lie. */
    public const ALONE_SPREAD = [self::FRONT_ALONE => 100.0, self::REAR_ALONE => 100.0, self::FRONT_LOAD_ALONE => 500.0, self::REAR_LOAD_ALONE => 500.0, self::GROSS_TRAILER => 500.0];

    private const STEP = 0.05;

    /** @var array<int, float> where each height and load alone is looked for */
    private array $centres;

    /** @var list<array{float, list<array{Stance, float, list<int>}>}> by ball raise: stances with their observations */
    private array $byRaise = [];

    /** @param  list<Observation>  $observations */
    public function __construct(private readonly RigPrior $prior, private readonly array $observations)
    {
        $this->centres = $this->look();
        $groups = [];
        foreach ($observations as $i => $observation) {
            $situation = $observation->situation;
            $groups[(string) $situation->ballRaise]["{$situation->stance->value} {$situation->more}"][] = $i;
        }
        foreach ($groups as $raise => $stances) {
            $this->byRaise[] = [(float) $raise, array_map(
                fn (array $indices): array => [$observations[$indices[0]]->situation->stance, $observations[$indices[0]]->situation->more, $indices],
                array_values($stances),
            )];
        }
    }

    public function parameters(): int
    {
        foreach ($this->observations as $observation) {
            if ($observation->observed->isAxleLoad()) {
                return self::GROSS_TRAILER + 1;
            }
        }

        return self::REAR_ALONE + 1;
    }

    /** What stands alone on an axle, mm or kg. */
    public function alone(int $parameter, float $deviations): float
    {
        return ($this->centres[$parameter] ?? 0.0) + self::ALONE_SPREAD[$parameter] * $deviations;
    }

    /**
     * @param  array<int, float>  $at
     * @return array<int, float> by observation
     */
    public function at(array $at): array
    {
        return $this->predict($at, static fn (CoupledRig $rig, float $tension): Attitude => $rig->carried($tension));
    }

    /**
     * What the bars do to each observation: carried less dropped.
     *
     * @param  array<int, float>  $at
     * @return array<int, float> by observation
     */
    public function byBars(array $at): array
    {
        $carried = $this->predict($at, static fn (CoupledRig $rig, float $tension): Attitude => $rig->carried($tension));
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
        for ($parameter = 0; $parameter <= RigPrior::TENSION; $parameter++) {
            $moved = $at;
            $moved[$parameter] += self::STEP;
            $slopes[] = array_map(static fn (float $there, float $before): float => ($there - $before) / self::STEP, $this->predict($moved, $taut), $here);
        }
        for ($parameter = RigPrior::TENSION + 1; $parameter < $this->parameters(); $parameter++) {
            $slopes[] = array_map(static fn (Observation $observation): float => in_array($parameter, self::aloneOf($observation->observed), true) ? self::ALONE_SPREAD[$parameter] : 0.0, $this->observations);
        }

        return $slopes;
    }

    /**
     * @param  array<int, float>  $at
     * @param  \Closure(CoupledRig, float): Attitude  $carry
     * @return array<int, float>
     */
    private function predict(array $at, \Closure $carry): array
    {
        $predicted = [];
        $tension = $this->prior->tensionAt($at);
        foreach ($this->byRaise as [$raise, $stances]) {
            $rig = $this->prior->rigAt($at, $raise);
            foreach ($stances as [$stance, $more, $indices]) {
                $attitude = match ($stance) {
                    Stance::Alone => null,
                    Stance::Dropped => $rig->dropped(),
                    Stance::Carried => $carry($rig, $tension + $more),
                };
                foreach ($indices as $i) {
                    $observed = $this->observations[$i]->observed;
                    $predicted[$i] = $attitude === null ? 0.0 : self::read($observed, $attitude, $tension + $more);
                    foreach (self::aloneOf($observed) as $alone) {
                        $predicted[$i] += $this->centres[$alone] + self::ALONE_SPREAD[$alone] * $at[$alone];
                    }
                }
            }
        }
        ksort($predicted);

        return $predicted;
    }

    private static function read(Observed $observed, Attitude $attitude, float $tension): float
    {
        return match ($observed) {
            Observed::FrontHeight => $attitude->frontRise(),
            Observed::RearHeight => $attitude->rearRise(),
            Observed::CouplerRise => $attitude->ballRise(),
            Observed::NoseRise => $attitude->trailerPitch * $attitude->rig()->trailer()->ballToAxle,
            Observed::BallLoad => $attitude->ballLoad(),
            Observed::FrontLoad => $attitude->frontLoad(),
            Observed::RearLoad => $attitude->rearLoad(),
            Observed::TrailerLoad => -$attitude->load,
            Observed::VehicleLoad => $attitude->load,
            Observed::RearAndTrailerLoad => -$attitude->frontLoad(),
            Observed::TongueWeight => $attitude->rig()->trailer()->tongueWeight,
            Observed::BarBend => $tension + $attitude->rig()->bars()->arm * ($attitude->vehiclePitch() - $attitude->trailerPitch),
        };
    }

    /** @return list<int> what of it stands alone already: parameters that it adds up */
    private static function aloneOf(Observed $observed): array
    {
        return match ($observed) {
            Observed::FrontHeight => [self::FRONT_ALONE],
            Observed::RearHeight => [self::REAR_ALONE],
            Observed::FrontLoad => [self::FRONT_LOAD_ALONE],
            Observed::RearLoad => [self::REAR_LOAD_ALONE],
            Observed::TrailerLoad => [self::GROSS_TRAILER],
            Observed::VehicleLoad => [self::FRONT_LOAD_ALONE, self::REAR_LOAD_ALONE],
            Observed::RearAndTrailerLoad => [self::REAR_LOAD_ALONE, self::GROSS_TRAILER],
            default => [],
        };
    }

    /** @return array<int, float> the reading alone, or the first there is; of a shared platform its share */
    private function look(): array
    {
        $found = [];
        foreach ($this->observations as $observation) {
            $alone = self::aloneOf($observation->observed);
            if (count($alone) === 1 && (! isset($found[$alone[0]]) || $observation->situation->stance === Stance::Alone)) {
                $found[$alone[0]] = $observation->value;
            }
        }
        $found[self::GROSS_TRAILER] = $this->prior->known()->grossWeight;
        foreach ($this->observations as $observation) {
            $found += match ($observation->observed) {
                Observed::VehicleLoad => [self::FRONT_LOAD_ALONE => $observation->value / 2, self::REAR_LOAD_ALONE => $observation->value / 2],
                Observed::RearAndTrailerLoad => [self::REAR_LOAD_ALONE => $observation->value - $this->prior->known()->grossWeight],
                default => [],
            };
        }

        return $found + [self::FRONT_ALONE => 0.0, self::REAR_ALONE => 0.0, self::FRONT_LOAD_ALONE => 0.0, self::REAR_LOAD_ALONE => 0.0];
    }
}

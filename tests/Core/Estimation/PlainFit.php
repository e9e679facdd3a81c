<?php

declare(strict_types=1);

namespace Tests\Core\Estimation;

use Closure;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Stance;

/**
 * The likeliest rig and its doubt worked out the plain way, for tests: least squares over prior and readings, slopes by
 * central differences, full Newton steps, elimination by hand. Of the estimation it knows only the model and the prior.
 */
final readonly class PlainFit
{
    private const PARAMETERS = 7;

    private const STEP = 1e-4;

    /** Where fenders, axles and coupler stand alone may be anything about their readings. */
    private const WIDE = 300.0;

    /** Where each is looked for. */
    private const CENTRES = [
        'FrontHeight' => Readings::FRONT_MM,
        'RearHeight' => Readings::REAR_MM,
        'FrontLoad' => Readings::FRONT_KG,
        'RearLoad' => Readings::REAR_KG,
        'TrailerLoad' => 3180.0,
    ];

    /** @var array<int, float> parameters in prior deviations, then what stands alone */
    public array $at;

    /** @var array<int, array<int, float>> */
    public array $covariance;

    /** @param  list<Observation>  $observations */
    public function __construct(private RigPrior $prior, private array $observations)
    {
        $at = array_fill(0, self::PARAMETERS + count($this->levels()), 0.0);
        for ($i = 0; $i < 40; $i++) {
            $matrix = $this->normal($at, $right);
            $move = self::solve($matrix, [$right])[0];
            $at = array_map(static fn (float $value, float $by): float => $value + $by, $at, $move);
        }
        $this->at = $at;
        $this->covariance = self::solve($this->normal($at, $right), self::identity(count($at)));
    }

    /** @param  Closure(array<int, float>): float  $quantity  of the parameters */
    public function deviation(Closure $quantity): float
    {
        $slopes = [];
        foreach ($this->at as $i => $value) {
            [$up, $down] = [$this->at, $this->at];
            $up[$i] += self::STEP;
            $down[$i] -= self::STEP;
            $slopes[] = ($quantity($up) - $quantity($down)) / (2 * self::STEP);
        }
        $variance = 0.0;
        foreach ($slopes as $i => $one) {
            foreach ($slopes as $j => $other) {
                $variance += $one * $this->covariance[$i][$j] * $other;
            }
        }

        return sqrt($variance);
    }

    /** @param  array<int, float>  $at */
    public function level(array $at, Observed $observed): float
    {
        return self::CENTRES[$observed->name] +
            self::WIDE * $at[self::PARAMETERS + (int) array_search($observed, $this->levels(), true)];
    }

    /** @return list<Observed> those of which only changes are known */
    private function levels(): array
    {
        $levels = array_merge(
            ...array_map(static fn (Observation $one): array => self::levelsOf($one->observed), $this->observations),
        );

        return array_values(
            array_filter(Observed::cases(), static fn (Observed $level): bool => in_array($level, $levels, true)),
        );
    }

    /** @return list<Observed> what stands on a platform, or under a tape, alone */
    private static function levelsOf(Observed $observed): array
    {
        return match ($observed) {
            Observed::VehicleLoad => [Observed::FrontLoad, Observed::RearLoad],
            Observed::RearAndTrailerLoad => [Observed::RearLoad, Observed::TrailerLoad],
            Observed::FrontHeight,
            Observed::RearHeight,
            Observed::FrontLoad,
            Observed::RearLoad,
            Observed::TrailerLoad => [$observed],
            default => [],
        };
    }

    /**
     * @param  array<int, float>  $at
     * @return list<float>
     */
    private function predicted(array $at): array
    {
        return array_map(function (Observation $one) use ($at): float {
            $rig = $this->prior->rigAt($at, $one->context->ballOffset);
            $tension = $this->prior->tensionAt($at) + $one->context->tensionOffset;
            $attitude = match ($one->context->stance) {
                Stance::Alone => null,
                Stance::Dropped => $rig->dropped(),
                Stance::Carried => $rig->taut($tension),
            };
            $level = array_sum(
                array_map(fn (Observed $level): float => $this->level($at, $level), self::levelsOf($one->observed)),
            );

            return $level + ($attitude === null ? 0.0 : $this->change($one->observed, $attitude, $tension));
        }, $this->observations);
    }

    private function change(Observed $observed, Attitude $attitude, float $tension): float
    {
        $rig = $attitude->rig();

        return match ($observed) {
            Observed::FrontHeight => $attitude->frontRise()->millimetres(),
            Observed::RearHeight => $attitude->rearRise()->millimetres(),
            Observed::FrontLoad => $attitude->frontLoad()->kilograms(),
            Observed::RearLoad => $attitude->rearLoad()->kilograms(),
            Observed::TrailerLoad => -$attitude->load,
            Observed::VehicleLoad => $attitude->load,
            Observed::RearAndTrailerLoad => $attitude->rearLoad()->kilograms() - $attitude->load,
            Observed::TongueWeight => $rig->trailer()->tongueWeight,
            Observed::NoseRise => $attitude->trailerPitch * $rig->trailer()->ballToAxle,
            default => $tension + $rig->bars()->arm * ($attitude->vehiclePitchAngle()->radians() - $attitude->trailerPitch),
        };
    }

    /**
     * The matrix of the normal equations, and their right side.
     *
     * @param  array<int, float>  $at
     *
     * @param-out list<float> $right
     *
     * @return list<list<float>>
     */
    private function normal(array $at, ?array &$right): array
    {
        $here = $this->predicted($at);
        $slopes = [];
        foreach ($at as $i => $value) {
            [$up, $down] = [$at, $at];
            $up[$i] += self::STEP;
            $down[$i] -= self::STEP;
            $slopes[] = array_map(
                static fn (float $more, float $less): float => ($more - $less) / (2 * self::STEP),
                $this->predicted($up),
                $this->predicted($down),
            );
        }
        $matrix = self::identity(count($at));
        $right = array_map(static fn (float $value): float => -$value, array_values($at));
        foreach ($this->observations as $k => $one) {
            $weight = 1.0 / $one->deviation ** 2;
            foreach ($slopes as $i => $slope) {
                $right[$i] += $weight * $slope[$k] * ($one->value - $here[$k]);
                foreach ($slopes as $j => $other) {
                    $matrix[$i][$j] += $weight * $slope[$k] * $other[$k];
                }
            }
        }

        return $matrix;
    }

    /** @return list<list<float>> */
    private static function identity(int $size): array
    {
        return array_map(
            static fn (int $i): array => array_map(
                static fn (int $j): float => $i === $j ? 1.0 : 0.0,
                range(0, $size - 1),
            ),
            range(0, $size - 1),
        );
    }

    /**
     * By Gauss, pivoting; the answer for each right side.
     *
     * @param  list<list<float>>  $matrix
     * @param  list<list<float>>  $rights
     * @return list<list<float>>
     */
    private static function solve(array $matrix, array $rights): array
    {
        $size = count($matrix);
        $columns = count($rights);
        foreach ($matrix as $i => $row) {
            $matrix[$i] = [...$row, ...array_map(static fn (array $right): float => $right[$i], $rights)];
        }
        for ($i = 0; $i < $size; $i++) {
            $pivot = $i;
            for ($row = $i; $row < $size; $row++) {
                $pivot = abs($matrix[$row][$i]) > abs($matrix[$pivot][$i]) ? $row : $pivot;
            }
            [$matrix[$i], $matrix[$pivot]] = [$matrix[$pivot], $matrix[$i]];
            for ($row = 0; $row < $size; $row++) {
                $share = $row === $i ? 0.0 : $matrix[$row][$i] / $matrix[$i][$i];
                for ($column = $i; $share !== 0.0 && $column < $size + $columns; $column++) {
                    $matrix[$row][$column] -= $share * $matrix[$i][$column];
                }
            }
        }

        return array_map(
            static fn (int $k): array => array_map(
                static fn (int $i): float => $matrix[$i][$size + $k] / $matrix[$i][$i],
                range(0, $size - 1),
            ),
            range(0, $columns - 1),
        );
    }
}

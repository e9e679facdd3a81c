<?php

declare(strict_types=1);

namespace Yoke\Estimation\Internal;

use Yoke\Estimation\Residual;
use Yoke\Probability\Matrix;

/**
 * How much each reading counts, by what all the others say of it. None is dropped: one that they contradict counts next
 * to nothing, and is asked for again.
 *
 * @internal
 */
final readonly class Slips
{
    /** One reading in so many is a slip, and so far off. */
    private const SLIP_CHANCE = 0.005;

    private const SLIP_MM = 8.0;

    private const SLIP_KG = 60.0;

    /** So many deviations from what rigs of this kind give, a reading waits for the others to speak for it. */
    private const ABSURD = 8.0;

    /** However well the others are known, a deviation counts for no less than this. */
    private const ABSURD_MM = 5.0;

    private const ABSURD_KG = 60.0;

    private const LEAST_WEIGHT = 1e-6;

    public function __construct(private Evidence $evidence)
    {
    }

    /**
     * All readings alike, but for those that no rig of this kind could give: one at a time, the worst first.
     *
     * @param  array<int, float>  $start
     * @return array<int, float>
     */
    public function withoutTheAbsurd(array $start): array
    {
        $weights = array_map(static fn (): float => 1.0, $this->evidence->observations);
        $slopes = $this->evidence->observations === [] ? [] : $this->evidence->slopes($start);
        for ($i = 0; $i < intdiv(count($weights), 2); $i++) {
            $covariance = $this->evidence->covariance($slopes, $weights);
            $move = Matrix::times($covariance, $this->evidence->pull($start, $slopes, $weights));
            $there = array_map(static fn (float $value, float $by): float => $value + $by, $start, $move);
            $far = array_map(static fn (Residual $reading): float => abs($reading->off) / max($reading->deviation, $reading->observation->observed->isLoad() ? self::ABSURD_KG : self::ABSURD_MM), $this->evidence->judge($there, $slopes, $covariance, $weights));
            $worst = array_search(max([0.0, ...$far]), $far, true);
            if ($worst === false || $far[$worst] < self::ABSURD || $weights[$worst] < 1.0) {
                break;
            }
            $weights[$worst] = self::LEAST_WEIGHT;
        }

        return $weights;
    }

    /**
     * How likely a reading is no slip, by how far it lies from what the others predict: the worst of them, and those that
     * were in doubt before. One slip makes its neighbours look off too, and they must not go with it.
     *
     * @param  array<int, float>  $at
     * @param  array<int, array<int, float>>  $slopes
     * @param  array<int, array<int, float>>  $covariance
     * @param  array<int, float>  $weights
     * @return array<int, float>
     */
    public function weigh(array $at, array $slopes, array $covariance, array $weights): array
    {
        $chances = array_map(static function (Residual $reading): float {
            $slip = $reading->observation->observed->isLoad() ? self::SLIP_KG : self::SLIP_MM;
            $wide = hypot($reading->deviation, $slip);
            $sound = (1 - self::SLIP_CHANCE) / $reading->deviation * exp(-0.5 * ($reading->off / $reading->deviation) ** 2);
            $slipped = self::SLIP_CHANCE / $wide * exp(-0.5 * ($reading->off / $wide) ** 2);

            return max(self::LEAST_WEIGHT, $sound / max($sound + $slipped, 1e-300));
        }, $this->evidence->judge($at, $slopes, $covariance, $weights));
        $worst = array_search(min([1.0, ...$chances]), $chances, true);

        return array_map(static fn (float $weight, float $chance, int $i): float => $i === $worst || $weight < 1.0 ? $chance : $weight, $weights, $chances, array_keys($weights));
    }
}

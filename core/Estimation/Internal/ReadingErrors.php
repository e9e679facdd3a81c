<?php

declare(strict_types=1);

namespace Yoke\Estimation\Internal;

use Closure;
use Yoke\Estimation\ReadingError;
use Yoke\Estimation\Residual;
use Yoke\Estimation\Suspect;

/**
 * Readings that the others contradict (docs/model.md, Reading errors). A gross error is told from the sound readings that
 * it drags along by fitting again without each of the few that could be it: the one that all the others agree without is
 * it. What is a little off counts less. None is dropped.
 *
 * @internal
 */
final class ReadingErrors
{
    /** Before anything is known, one reading in so many is a mistake. */
    private const ONE_IN = 60.0;

    /** How far off a mistake is: one deviation, mm and kg. */
    private const SLIP_MM = 12.0;

    private const SLIP_KG = 150.0;

    /** For how much a reading counts: one in so many is a slip, so far off. */
    private const SLIP_CHANCE = 0.005;

    private const SMALL_SLIP_MM = 8.0;

    private const SMALL_SLIP_KG = 60.0;

    /** A height is looked into as a gross error from so many deviations on, and at the least from so far off, mm. */
    private const GROSS = 8.0;

    private const GROSS_MM = 5.0;

    private const LEAST_WEIGHT = 1e-6;

    /** What is less likely a mistake is not spoken of. */
    private const WORTH_SAYING = 0.05;

    /** @var array<int, array{Residual, float}> by observation: the reading as the others see it, and its chance to be a mistake */
    private array $found = [];

    /**
     * The fit without gross errors, one at a time, the likeliest first; at most half of the readings.
     *
     * @param  Closure(array<int, float>): Fit  $fit  for weights
     * @param  Closure(array<int, float>): list<Residual>  $beforehand  residuals by what is known before the readings, for weights
     */
    public function withoutGross(Fit $base, Closure $fit, Closure $beforehand): Fit
    {
        for ($found = 0; $found < intdiv(count($base->weights), 2); $found++) {
            $tried = $this->candidates($base, $beforehand);
            $best = null;
            $scores = [];
            foreach ($tried as $i) {
                $weights = $base->weights;
                $weights[$i] = self::LEAST_WEIGHT;
                $without = $fit($weights);
                $scores[$i] = 0.5 * ($base->cost - $without->cost) + log($without->residuals[$i]->deviation / self::width($without->residuals[$i])) - log(self::ONE_IN);
                $best = $best === null || $scores[$i] > $scores[$best[0]] ? [$i, $without] : $best;
            }
            if ($best === null || $scores[$best[0]] <= 0.0) {
                break;
            }
            $this->remember($scores, $best[1]);
            $base = $best[1];
        }

        return $base;
    }

    /**
     * How likely a reading is no slip, by how far it lies from what the others predict: the worst of them, and those that
     * were in doubt before. One slip makes its neighbours look off too, and they must not go with it.
     *
     * @return array<int, float>
     */
    public function weigh(Fit $fit): array
    {
        $chances = array_map(static function (Residual $reading): float {
            $slip = $reading->observation->observed->isLoad() ? self::SMALL_SLIP_KG : self::SMALL_SLIP_MM;
            $wide = hypot($reading->deviation, $slip);
            $sound = (1 - self::SLIP_CHANCE) / $reading->deviation * exp(-0.5 * ($reading->off / $reading->deviation) ** 2);
            $slipped = self::SLIP_CHANCE / $wide * exp(-0.5 * ($reading->off / $wide) ** 2);

            return max(self::LEAST_WEIGHT, $sound / max($sound + $slipped, 1e-300));
        }, $fit->residuals);
        $worst = array_search(min([1.0, ...$chances]), $chances, true);

        return array_map(static fn (float $weight, float $chance, int $i): float => $weight > self::LEAST_WEIGHT && ($i === $worst || $weight < 1.0) ? $chance : $weight, $fit->weights, $chances, array_keys($fit->weights));
    }

    /**
     * Whatever may be a mistake, the likeliest first: found on the way, or far from what the others say in the end.
     *
     * @param  list<Residual>  $residuals  of the last fit
     * @return list<Suspect>
     */
    public function suspects(array $residuals): array
    {
        $chances = [];
        foreach ($residuals as $i => $residual) {
            $odds = exp(min(50.0, $residual->evidenceOfSlip(self::width($residual)))) / self::ONE_IN;
            $chances[$i] = isset($this->found[$i]) ? $this->found[$i][1] : $odds / (1.0 + $odds);
        }
        $suspects = [];
        foreach ($chances as $i => $chance) {
            if ($chance > self::WORTH_SAYING) {
                $residual = $this->isSureOf($i) ? $residuals[$i] : ($this->found[$i][0] ?? $residuals[$i]);
                $suspects[] = new Suspect($residual, $chance, ReadingError::likeliest($residual));
            }
        }
        usort($suspects, static fn (Suspect $one, Suspect $other): int => $other->chance <=> $one->chance);

        return $this->withAxlesSwapped($suspects);
    }

    private function isSureOf(int $i): bool
    {
        return ($this->found[$i][1] ?? 0.0) > 0.5;
    }

    /**
     * @param  Closure(array<int, float>): list<Residual>  $beforehand
     * @return list<int> observations that might be a gross error; none where nothing is far off
     */
    private function candidates(Fit $base, Closure $beforehand): array
    {
        if (0.5 * $base->cost < log(self::ONE_IN)) {
            return [];
        }
        $views = [$base->residuals, $beforehand($base->weights)];
        if (! $this->isAnythingGross($views, $base->weights)) {
            return [];
        }

        return array_keys(array_filter($base->weights, static fn (float $weight): bool => $weight >= 1.0));
    }

    /**
     * @param  list<list<Residual>>  $views
     * @param  array<int, float>  $weights
     */
    private function isAnythingGross(array $views, array $weights): bool
    {
        foreach ($views as $residuals) {
            foreach ($residuals as $i => $residual) {
                if ($weights[$i] >= 1.0 && $this->isGross($residual)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function isGross(Residual $residual): bool
    {
        return $residual->observation->observed->isLoad()
            ? $residual->evidenceOfSlip(self::SLIP_KG) > log(self::ONE_IN)
            : abs($residual->off) > self::GROSS * max(self::GROSS_MM, $residual->deviation);
    }

    /** @param  array<int, float>  $scores  in the logarithm, by observation */
    private function remember(array $scores, Fit $without): void
    {
        $most = max(0.0, ...$scores);
        $odds = array_map(static fn (float $score): float => exp($score - $most), $scores);
        foreach ($odds as $i => $one) {
            $chance = $one / (exp(-$most) + array_sum($odds));
            if ($chance > ($this->found[$i][1] ?? 0.0)) {
                $this->found[$i] = [$without->residuals[$i], $chance];
            }
        }
    }

    /**
     * Two axles of one weighing, each of which reads what the other should.
     *
     * @param  list<Suspect>  $suspects
     * @return list<Suspect>
     */
    private function withAxlesSwapped(array $suspects): array
    {
        foreach ($suspects as $i => $one) {
            foreach ($suspects as $j => $other) {
                $ticket = $one->observation()->identity->ticket;
                $within = 2.0 * hypot($one->residual->deviation, $other->residual->deviation);
                if ($i < $j && $ticket !== '' && $ticket === $other->observation()->identity->ticket
                    && abs($one->observation()->value - $other->residual->predicted()) < $within && abs($other->observation()->value - $one->residual->predicted()) < $within) {
                    $suspects[$i] = new Suspect($one->residual, $one->chance, ReadingError::AxlesSwapped);
                    $suspects[$j] = new Suspect($other->residual, $other->chance, ReadingError::AxlesSwapped);
                }
            }
        }

        return array_values($suspects);
    }

    private static function width(Residual $residual): float
    {
        return $residual->observation->observed->isLoad() ? self::SLIP_KG : self::SLIP_MM;
    }
}

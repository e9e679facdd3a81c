<?php

declare(strict_types=1);

namespace Yoke\Judgement\Advice;

use Closure;
use Yoke\Foundation\Probability\Matrix;
use Yoke\Foundation\Probability\Normal;
use Yoke\Judgement\Method\Chances;
use Yoke\Judgement\Method\CurrentSetting;
use Yoke\Judgement\Method\Goal;
use Yoke\Judgement\Method\Method;
use Yoke\Judgement\Method\StanceQuantities;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Prior\RigVariant;
use Yoke\Measuring\Estimation\Stories\Hypothesis;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;

/**
 * What a posterior makes of any tension. The quantities of taut bars are straight lines in their tension: two stances a
 * variant and a ball height tell them, whatever the number of settings. Chances, means and doubts are taken over all
 * stories of the readings.
 */
final class StanceEvaluator
{
    private const ALONG_MM = 20.0;

    /** A story whose rig lies farther from the mean, in prior deviations, has lines of its own. */
    private const FAR = 1.0;

    /** What has less chance by all stories together is not looked at story by story. */
    private const UNLIKELY = 0.05;

    /**
     * @var array<string, list<StraightLine>> along the tension, by what it is of and the ball offset: of all stories
     *     together, then of each
     */
    private array $lines = [];

    /** @var array<array-key, list<RigVariant>> by ball offset */
    private array $variants = [];

    /** @var array<array-key, CoupledRig> the likeliest as it goes on the road, by ball offset */
    private array $onTheRoad = [];

    /** @var array<int, self> by story, of those that lie far from the mean */
    private array $far = [];

    private readonly Method $governing;

    /** of the reference setting, mm */
    private readonly float $tension;

    public function __construct(public readonly Posterior $posterior, public readonly Goal $goal)
    {
        $this->governing = $goal->governing();
        $this->tension = $posterior->tension();
        foreach (count($posterior->stories) > 1 ? $posterior->stories : [] as $i => $story) {
            if (max([0.0, ...array_map(abs(...), $posterior->moves($story))]) > self::FAR) {
                $this->far[$i] = new self($posterior->by($story), $goal);
            }
        }
    }

    /**
     * @param  float  $tensionOffset  over the tension of the reference setting, mm
     * @param  float  $ballOffset  of the unloaded ball over what the prior knows, mm
     * @param  int|null  $hookUp  that is on, whose setting may have been miscounted; 0 where nobody tells them apart;
     *     null for one that is still to be hooked up
     */
    public function at(float $tensionOffset, float $ballOffset, ?int $hookUp = null): StanceForecast
    {
        return $this->judged($this->governing, $tensionOffset, $ballOffset, $hookUp);
    }

    /** What a method that need not govern says there. */
    public function chances(Method $method, float $tensionOffset, float $ballOffset, ?int $hookUp = null): Chances
    {
        return $this->judged($method, $tensionOffset, $ballOffset, $hookUp)->chances;
    }

    public function quantities(
        Method $method,
        float $tensionOffset,
        float $ballOffset,
        ?int $hookUp = null,
    ): StanceQuantities {
        return $this->over($this->byStory($method, $tensionOffset, $ballOffset, $hookUp));
    }

    private function judged(Method $method, float $tensionOffset, float $ballOffset, ?int $hookUp): StanceForecast
    {
        $carried = $this->rig($ballOffset)->carried($this->tension + $tensionOffset);
        $together = $this->together($method, $tensionOffset, $ballOffset);
        $roughly = $method->chances($together);
        if ($hookUp === null && $roughly->inRange < self::UNLIKELY) {
            return new StanceForecast(
                $carried,
                $together,
                $roughly,
                $together->over(),
                array_map(static fn (): float => $roughly->inRange, $this->posterior->stories),
            );
        }
        $byStory = $this->byStory($method, $tensionOffset, $ballOffset, $hookUp);
        [$chances, $inRange, $over] = [[], [], 0.0];
        $endsAtCeiling = $method->criterion()->isShare() && $this->goal->band->to === $this->goal->band->ceiling();
        foreach ($byStory as [$likely, $quantities]) {
            $one = $method->chances($quantities);
            $tooMuch = $endsAtCeiling ? $one->tooMuch : $quantities->over();
            $chances[] = [$likely, $one];
            $inRange[] = min($one->inRange, 1.0 - $tooMuch);
            $over += $likely * $tooMuch;
        }

        $all = Chances::over($chances);
        if ($hookUp === null) {
            return new StanceForecast($carried, $this->over($byStory), $all, $over, $inRange);
        }
        $front = new FrontFender(
            $this->posterior,
            new CurrentSetting(null, $tensionOffset, $ballOffset, hookUp: $hookUp),
            $this->goal->band->ceiling() + $together->lost,
        );
        $bounded = $front->bounded($all, $method->criterion());

        return new StanceForecast(
            $carried,
            $this->over($byStory),
            $bounded,
            $front->over($over),
            $bounded === $all
                ? $inRange
                : array_map(static fn (float $one): float => min($one, $bounded->inRange), $inRange),
        );
    }

    /** By all stories together, as if they were one. */
    private function together(Method $method, float $tensionOffset, float $ballOffset): StanceQuantities
    {
        return $this->linesFor($method, $tensionOffset, $ballOffset)->at(0, $tensionOffset);
    }

    /** @return non-empty-list<array{float, StanceQuantities}> with how likely each story is */
    private function byStory(Method $method, float $tensionOffset, float $ballOffset, ?int $hookUp): array
    {
        $lines = $this->linesFor($method, $tensionOffset, $ballOffset);
        $byStory = [];
        foreach ($this->posterior->stories as $i => $story) {
            $byStory[] = [
                $story->chance,
                $lines->at($i + 1, $hookUp === null ? $tensionOffset : $tensionOffset + $story->movedAt($hookUp)),
            ];
        }

        return $byStory;
    }

    private function linesFor(Method $method, float $tensionOffset, float $ballOffset): StanceLines
    {
        $lost = $this->lost($tensionOffset, $ballOffset);
        $shares = $this->lines('share', static fn (Attitude $carried): float => $carried->frontRestored(), $ballOffset);

        return new StanceLines(
            $method->criterion()->isShare()
                ? $shares
                : $this->lines(
                    $method->criterion()->value.round($lost, 2),
                    static fn (Attitude $carried): float => $method->quantity($carried, $lost),
                    $ballOffset,
                ),
            $shares,
            $method->movesTheHead()
                ? $this->lines(
                    'bend',
                    static fn (Attitude $carried): float => $carried->barBend()->millimetres(),
                    $ballOffset,
                )
                : $shares,
            $lost,
            $this->goal->band->ceiling(),
        );
    }

    /** @param  non-empty-list<array{float, StanceQuantities}>  $byStory */
    private function over(array $byStory): StanceQuantities
    {
        $first = $byStory[0][1];
        if (count($byStory) === 1) {
            return $first;
        }
        $share = self::mixed($byStory, static fn (StanceQuantities $one): Normal => $one->share);

        return new StanceQuantities(
            $first->quantity === $first->share
                ? $share
                : self::mixed($byStory, static fn (StanceQuantities $one): Normal => $one->quantity),
            $share,
            $first->bend === $first->share
                ? $share
                : self::mixed($byStory, static fn (StanceQuantities $one): Normal => $one->bend),
            $first->lost,
            $first->ceiling,
        );
    }

    /**
     * @param  non-empty-list<array{float, StanceQuantities}>  $byStory
     * @param  Closure(StanceQuantities): Normal  $of
     */
    private static function mixed(array $byStory, Closure $of): Normal
    {
        return Normal::over(array_map(static fn (array $one): array => [$one[0], $of($one[1])], $byStory));
    }

    /** The share of the front axle load that levelling takes back from the likeliest rig there. */
    private function lost(float $tensionOffset, float $ballOffset): float
    {
        if ($this->goal->levelling === null) {
            return 0.0;
        }
        $tension = $this->tension + $tensionOffset;
        $road = $this->onTheRoad[(string) $ballOffset] ??= $this->goal->levelling->on($this->rig($ballOffset));

        return max(
            0.0,
            $this->goal->levelling->lostBetween($this->rig($ballOffset), $road, $tension),
        );
    }

    private function rig(float $ballOffset): CoupledRig
    {
        return $this->variants($ballOffset)[0]->rig;
    }

    /** @return list<RigVariant> */
    private function variants(float $ballOffset): array
    {
        return $this->variants[(string) $ballOffset] ??= $this->posterior->variants($ballOffset);
    }

    /**
     * @param  Closure(Attitude): float  $quantity
     * @return list<StraightLine> of all stories together, then of each
     */
    private function lines(string $what, Closure $quantity, float $ballOffset): array
    {
        return $this->lines["{$what} {$ballOffset}"] ??= $this->drawn($what, $quantity, $ballOffset);
    }

    /**
     * @param  Closure(Attitude): float  $quantity
     * @return list<StraightLine>
     */
    private function drawn(string $what, Closure $quantity, float $ballOffset): array
    {
        $here = [];
        $slopes = [];
        foreach ($this->variants($ballOffset) as $variant) {
            [$rig, $tension] = [$variant->rig, $variant->tension];
            $value = $quantity($rig->taut($tension));
            $here[] = $value;
            $slopes[] = ($quantity($rig->taut($tension + self::ALONG_MM)) - $value) / self::ALONG_MM;
        }
        $follows = [$this->posterior->slopesOf($here), $this->posterior->slopesOf($slopes)];
        $lines = [
            new StraightLine(
                $here[0],
                $slopes[0],
                $this->posterior->covarianceOf($here, $here),
                $this->posterior->covarianceOf($here, $slopes),
                $this->posterior->covarianceOf($slopes, $slopes),
            ),
        ];
        foreach ($this->posterior->stories as $i => $story) {
            $lines[] = isset($this->far[$i])
                ? $this->far[$i]->lineOf($what, $quantity, $ballOffset)
                : $this->line($story, [$here[0], $slopes[0]], $follows);
        }

        return $lines;
    }

    /**
     * @param  array{float, float}  $mean  the quantity, and how it grows with the tension
     * @param  array{list<float>, list<float>}  $follows  how both follow each parameter
     */
    private function line(Hypothesis $story, array $mean, array $follows): StraightLine
    {
        [$here, $slope] = $mean;
        foreach ($this->posterior->moves($story) as $parameter => $move) {
            $here += $follows[0][$parameter] * $move;
            $slope += $follows[1][$parameter] * $move;
        }

        return new StraightLine(
            $here,
            $slope,
            Matrix::quadratic($story->covariance, $follows[0]),
            Matrix::between($story->covariance, ...$follows),
            Matrix::quadratic($story->covariance, $follows[1]),
        );
    }

    /** The line of the only story. */
    private function lineOf(string $what, Closure $quantity, float $ballOffset): StraightLine
    {
        return $this->lines($what, $quantity, $ballOffset)[0];
    }
}

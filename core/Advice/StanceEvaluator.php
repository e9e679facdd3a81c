<?php

declare(strict_types=1);

namespace Yoke\Advice;

use Closure;
use Yoke\Estimation\Posterior;
use Yoke\Method\Chances;
use Yoke\Method\Goal;
use Yoke\Method\Method;
use Yoke\Method\StanceQuantities;
use Yoke\Probability\Normal;
use Yoke\Statics\Attitude;
use Yoke\Statics\CoupledRig;

/**
 * What a posterior makes of any tension. The quantities of taut bars are straight lines in their tension: two stances a
 * variant and a ball height tell them, whatever the number of settings.
 */
final class StanceEvaluator
{
    private const ALONG_MM = 20.0;

    /** @var array<string, StraightLine> along the tension, by what it is of and the ball offset */
    private array $lines = [];

    /** @var array<array-key, list<array{CoupledRig, float}>> by ball offset */
    private array $variants = [];

    /** @var array<array-key, CoupledRig> the likeliest as it goes on the road, by ball offset */
    private array $onTheRoad = [];

    private readonly Method $governing;

    /** of the reference setting, mm */
    private readonly float $tension;

    public function __construct(public readonly Posterior $posterior, public readonly Goal $goal)
    {
        $this->governing = $goal->governing();
        $this->tension = $posterior->tension();
    }

    /**
     * @param  float  $tensionOffset  over the tension of the reference setting, mm
     * @param  float  $ballOffset  of the unloaded ball over what the prior knows, mm
     */
    public function at(float $tensionOffset, float $ballOffset): StanceForecast
    {
        $quantities = $this->quantities($this->governing, $tensionOffset, $ballOffset);

        return new StanceForecast($this->rig($ballOffset)->carried($this->tension + $tensionOffset), $quantities, $this->governing->chances($quantities));
    }

    /** What a method that need not govern says there. */
    public function chances(Method $method, float $tensionOffset, float $ballOffset): Chances
    {
        return $method->chances($this->quantities($method, $tensionOffset, $ballOffset));
    }

    public function quantities(Method $method, float $tensionOffset, float $ballOffset): StanceQuantities
    {
        $lost = $this->lost($tensionOffset, $ballOffset);
        $share = $this->along('share', static fn (Attitude $carried): float => $carried->frontRestored(), $tensionOffset, $ballOffset);

        return new StanceQuantities(
            $method->criterion()->isShare() ? $share : $this->along($method->criterion()->value.round($lost, 2), static fn (Attitude $carried): float => $method->quantity($carried, $lost), $tensionOffset, $ballOffset),
            $share,
            $method->movesTheHead() ? $this->along('bend', static fn (Attitude $carried): float => $carried->barBend(), $tensionOffset, $ballOffset) : $share,
            $lost,
            $this->goal->band->ceiling(),
        );
    }

    /** The share of the front axle load that levelling takes back from the likeliest rig there. */
    private function lost(float $tensionOffset, float $ballOffset): float
    {
        if ($this->goal->levelling === null) {
            return 0.0;
        }
        $tension = $this->tension + $tensionOffset;
        $road = $this->onTheRoad[(string) $ballOffset] ??= $this->goal->levelling->on($this->rig($ballOffset));

        return max(0.0, $this->rig($ballOffset)->carried($tension)->frontRestored() - $road->carried($tension)->frontRestored());
    }

    private function rig(float $ballOffset): CoupledRig
    {
        return $this->variants($ballOffset)[0][0];
    }

    /** @return list<array{CoupledRig, float}> */
    private function variants(float $ballOffset): array
    {
        return $this->variants[(string) $ballOffset] ??= $this->posterior->variants($ballOffset);
    }

    /** @param  Closure(Attitude): float  $quantity */
    private function along(string $what, Closure $quantity, float $tensionOffset, float $ballOffset): Normal
    {
        $line = $this->lines["{$what} {$ballOffset}"] ??= $this->line($quantity, $ballOffset);

        return $line->at($tensionOffset);
    }

    /** @param  Closure(Attitude): float  $quantity */
    private function line(Closure $quantity, float $ballOffset): StraightLine
    {
        $here = [];
        $slopes = [];
        foreach ($this->variants($ballOffset) as [$rig, $tension]) {
            $value = $quantity($rig->taut($tension));
            $here[] = $value;
            $slopes[] = ($quantity($rig->taut($tension + self::ALONG_MM)) - $value) / self::ALONG_MM;
        }

        return new StraightLine($here[0], $slopes[0], ...$this->posterior->variancesAlong($here, $slopes));
    }
}

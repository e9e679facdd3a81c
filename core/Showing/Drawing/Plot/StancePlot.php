<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing\Plot;

use Yoke\Foundation\Units\Bounds;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Showing\Drawing\Point;

/**
 * Rear change from alone across, front change up, mm, for one rig: what each method calls in band, the path that the
 * tension walks with a tick for each setting, the hook-ups. Places are percent of the plot, from its upper left.
 */
final readonly class StancePlot
{
    private const ROOM_MM = 6.0;

    private float $left;

    private float $right;

    private float $low;

    private float $high;

    /**
     * @param  list<array{rear: float, front: float}>  $taped  hook-ups as taped, changes from alone, mm
     * @param  float  $ballOffset  of the head as it is bolted, mm
     */
    public function __construct(
        private Posterior $posterior,
        private TargetRange $band,
        private array $taped,
        private Tolerances $tolerances,
        private float $ballOffset = 0.0,
    ) {
        $rig = $posterior->rig($ballOffset);
        $dropped = $rig->dropped();
        $over = $rig->carried($rig->tensionFor(1.35));
        [$rears, $fronts] = [[0.0, ...array_column($taped, 'rear')], [0.0, ...array_column($taped, 'front')]];
        foreach ([$dropped, $over] as $attitude) {
            $rears[] = $attitude->rearRise()->millimetres();
            $fronts[] = $attitude->frontRise()->millimetres();
        }
        $this->left = min($rears) - self::ROOM_MM;
        $this->right = max($rears) + self::ROOM_MM;
        $this->low = min($fronts) - self::ROOM_MM / 2;
        $this->high = max($fronts) + self::ROOM_MM / 2;
    }

    public function at(float $rear, float $front): Point
    {
        return new Point(
            (100 * ($rear - $this->left)) / ($this->right - $this->left),
            (100 * ($this->high - $front)) / ($this->high - $this->low),
        );
    }

    /** The zero of both changes: the vehicle as it stood alone. */
    public function alone(): Point
    {
        return $this->at(0.0, 0.0);
    }

    public function dropped(): Point
    {
        return $this->of($this->posterior->rig($this->ballOffset)->dropped());
    }

    /** Where a tension over the reference setting's is predicted to stand. */
    public function predicted(float $tensionOffset): Point
    {
        return $this->of(
            $this->posterior->rig($this->ballOffset)->carried($this->posterior->tension() + $tensionOffset),
        );
    }

    /**
     * The line that a tension walks: from slack over all settings.
     *
     * @param  non-empty-list<float>  $tensions  over the reference setting's, mm
     * @return list<Point>
     */
    public function path(array $tensions): array
    {
        return [$this->dropped(), ...array_map($this->predicted(...), $tensions)];
    }

    /** @return array<string, list<Point>> by method: the corners of what it calls in band */
    public function regions(): array
    {
        $lost = $this->posterior->rig($this->ballOffset)->dropped()->frontRise()->millimetres();

        return [
            'front_restoration' => $this->strip(
                fn (float $rear): Bounds => new Bounds($lost * (1 - $this->band->to), $lost * (1 - $this->band->from)),
            ),
            'equal_squat' => $this->strip(
                fn (float $rear): Bounds => Bounds::about($rear, $this->tolerances->squatMm),
            ),
            'coupler_height' => $this->strip($this->levelCoupler(...)),
        ];
    }

    /**
     * The doubt of a taped hook-up, one deviation: half axes across and up, percent.
     *
     * @return array{across: float, up: float}
     */
    public function ellipse(float $rearDoubt, float $frontDoubt): array
    {
        return [
            'across' => (100 * $rearDoubt) / ($this->right - $this->left),
            'up' => (100 * $frontDoubt) / ($this->high - $this->low),
        ];
    }

    /** The front changes between which the coupler stands level, within the method's tolerance. */
    private function levelCoupler(float $rear): Bounds
    {
        $rig = $this->posterior->rig($this->ballOffset);
        $lever = $rig->vehicle()->overhang / $rig->vehicle()->wheelbase;
        $level = ($rear * (1 + $lever) + $rig->bars()->ballOverCoupler) / $lever;

        return Bounds::about($level, $this->tolerances->couplerMm / $lever);
    }

    /**
     * @param  \Closure(float): Bounds  $between  the lowest and highest front change at a rear change
     * @return list<Point>
     */
    private function strip(\Closure $between): array
    {
        $left = $between($this->left);
        $right = $between($this->right);

        return [
            $this->at($this->left, $left->low),
            $this->at($this->left, $left->high),
            $this->at($this->right, $right->high),
            $this->at($this->right, $right->low),
        ];
    }

    private function of(Attitude $attitude): Point
    {
        return $this->at($attitude->rearRise()->millimetres(), $attitude->frontRise()->millimetres());
    }
}

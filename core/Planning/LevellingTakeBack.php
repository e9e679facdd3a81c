<?php

declare(strict_types=1);

namespace Yoke\Planning;

use Yoke\Rig\Levelling;
use Yoke\Statics\CoupledRig;
use Yoke\Statics\TowVehicle;
use Yoke\Units\Length;
use Yoke\Units\Load;
use Yoke\Units\Term;

/**
 * What self-levelling or helper air springs take back when they are switched on or filled again, at the tension that was
 * set without them: they lift the rear, slacken the bars and take load off the front (docs/model.md, Take-back).
 */
final readonly class LevellingTakeBack
{
    /**
     * @param  float  $airRate  what helper air springs add to the rear's ride rate, kg/mm; 0 or more
     * @param  float  $airLift  how far they lift the rear of the vehicle alone, mm
     */
    public function __construct(private CoupledRig $off, private Levelling $levelling, private float $airRate = 0.0, private float $airLift = 0.0)
    {
    }

    /** The share that is left of the front axle load put back. */
    public function left(float $tension): float
    {
        return $this->on()->carried($tension)->frontRestored();
    }

    /** How much of the share goes, 0 without levelling. */
    public function lost(float $tension): float
    {
        return $this->off->carried($tension)->frontRestored() - $this->left($tension);
    }

    /** @return non-empty-list<Term> both stances beside each other */
    public function terms(float $tension): array
    {
        $stances = ['off or at their minimum' => $this->off->carried($tension), 'on again' => $this->on()->carried($tension)];
        $terms = [];
        foreach ($stances as $when => $carried) {
            $terms[] = new Term("Rear fender from alone, {$when}", Length::ofMillimetres($carried->rearRise()));
            $terms[] = new Term("Bars at the hook-up point, {$when}", Load::ofKilograms($carried->barLoad()));
            $terms[] = new Term("Front axle load put back, {$when}", $carried->frontRestored());
        }

        return $terms;
    }

    private function on(): CoupledRig
    {
        $vehicle = $this->off->vehicle();

        return new CoupledRig(
            new TowVehicle(
                $vehicle->wheelbase,
                $vehicle->overhang,
                $this->levelling === Levelling::AllCorners ? INF : $vehicle->frontRate,
                $this->levelling === Levelling::None ? $vehicle->rearRate + $this->airRate : INF,
                $this->levelling === Levelling::None ? $this->airLift : 0.0,
            ),
            $this->off->trailer(),
            $this->off->bars(),
        );
    }
}

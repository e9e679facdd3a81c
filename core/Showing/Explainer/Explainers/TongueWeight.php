<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer\Explainers;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Showing\Explainer\ExampleRig;
use Yoke\Showing\Explainer\Explainer;
use Yoke\Showing\Explainer\Figure;
use Yoke\Showing\Explainer\Frame;
use Yoke\Showing\Explainer\Hold;
use Yoke\Showing\Explainer\Knob;
use Yoke\Showing\Explainer\KnobValues;
use Yoke\Showing\Explainer\Quantity;

/** Tongue weight by what stands where in the trailer, by a tank behind the axle, and by how high the tongue is held. */
final readonly class TongueWeight implements Explainer
{
    /** What is moved about, kg. */
    private const CARGO_KG = 150.0;

    /** The tank stands so far behind the axle, mm. */
    public const TANK_MM = 1200.0;

    public function knobs(): array
    {
        return [
            new Knob('cargo', -2000.0, 2000.0, 100.0, 800.0, Quantity::Length, Hold::Load),
            new Knob('water', 0.0, 120.0, 20.0, 0.0, Quantity::Load, Hold::Tank),
            new Knob('hitch', -150.0, 150.0, 25.0, 0.0, Quantity::HeightChange, Hold::Head),
        ];
    }

    public function frame(KnobValues $at): Frame
    {
        $rig = $this->loaded(
            (new ExampleRig(
                weight: ExampleRig::WEIGHT - self::CARGO_KG,
                tongue: 300.0,
                ballOffset: $at->at('hitch'),
            ))->coupled(),
            $at,
        );
        $dropped = $rig->dropped();
        $level = $rig->trailer()->tongueWeight;

        return new Frame(
            $dropped,
            null,
            [
                new Figure('level', $level, Quantity::Load),
                new Figure('on_ball', $dropped->load, Quantity::Load),
                new Figure('share', $level / $rig->trailer()->weight, Quantity::Share),
                new Figure('front_load', $dropped->frontLoad()->kilograms(), Quantity::LoadChange),
                new Figure('pitch', $dropped->trailerPitchAngle()->degrees(), Quantity::Degrees),
            ],
            [TongueRange::of($level / $rig->trailer()->weight)],
            $at->at('cargo'),
        );
    }

    private function loaded(CoupledRig $empty, KnobValues $at): CoupledRig
    {
        $items = [
            Item::of(
                'cargo',
                Load::ofKilograms(self::CARGO_KG),
                Carrier::Trailer,
                Length::ofMillimetres($at->at('cargo')),
            ),
        ];
        if ($at->at('water') > 0.0) {
            $items[] = Item::of(
                'water',
                Load::ofKilograms($at->at('water')),
                Carrier::Trailer,
                Length::ofMillimetres(-self::TANK_MM),
            );
        }

        return LoadChange::between([], $items)->on($empty);
    }
}

<?php

declare(strict_types=1);

namespace App\Interchange;

use App\Words\ExpectedWords;
use stdClass;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;

/** One rig and several stances as JSON (docs/formats.md, Cases): read, solved, and written back with its results. */
final readonly class CaseFile
{
    /** Where the model's quantities stand in the file. */
    public const FIELDS = [
        'wheelbase' => 'vehicle.wheelbase_mm',
        'overhang' => 'vehicle.overhang_mm',
        'frontRate' => 'vehicle.front_rate_kg_per_mm',
        'rearRate' => 'vehicle.rear_rate_kg_per_mm',
        'ballToAxle' => 'trailer.ball_to_axle_mm',
        'weight' => 'trailer.weight_kg',
        'tongueWeight' => 'trailer.tongue_weight_kg',
        'cgAboveAxle' => 'trailer.cg_above_axle_mm',
        'axles' => 'trailer.axles',
        'count' => 'hitch.bars',
        'rate' => 'hitch.bar_rate_kg_per_mm',
        'arm' => 'hitch.bar_arm_mm',
        'ballOverCoupler' => 'hitch.ball_over_coupler_mm',
    ];

    /** Whose rate levelling takes out, by kind of levelling. */
    private const LEVELLED = ['none' => [], 'rear' => ['rear'], 'all' => ['front', 'rear']];

    private function __construct(private string $json, private Fields $fields)
    {
    }

    /** @throws BadField */
    public static function ofJson(string $json): self
    {
        return new self($json, Fields::ofJson($json));
    }

    /**
     * The whole input again, with `result` beside each stance's input.
     *
     * @throws BadField
     */
    public function solved(): string
    {
        $rig = $this->rig();
        $results = array_map(
            fn (Fields $stance): array => self::figures($this->stance($rig, $stance)),
            $this->fields->objects('stances'),
        );
        /** @var object{stances: list<stdClass>} $output */
        $output = json_decode($this->json);
        foreach ($results as $i => $result) {
            $output->stances[$i]->result = $result;
        }

        return json_encode(
            $output,
            JSON_THROW_ON_ERROR |
                JSON_PRETTY_PRINT |
                JSON_UNESCAPED_SLASHES |
                JSON_UNESCAPED_UNICODE |
                JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    private function rig(): CoupledRig
    {
        try {
            return new CoupledRig($this->vehicle(), $this->trailer(), $this->bars());
        } catch (ImpossibleModel $impossible) {
            throw BadField::at(
                self::FIELDS[$impossible->quantity()] ?? $impossible->quantity(),
                ExpectedWords::of($impossible->expected()),
            );
        }
    }

    private function vehicle(): TowVehicle
    {
        $vehicle = $this->fields->object('vehicle');
        $levelled = self::LEVELLED[$vehicle->choice('levelling', array_keys(self::LEVELLED))];

        return new TowVehicle(
            $vehicle->number('wheelbase_mm'),
            $vehicle->number('overhang_mm'),
            $this->rate($vehicle, 'front', $levelled),
            $this->rate($vehicle, 'rear', $levelled),
        );
    }

    /** @param  list<string>  $levelled */
    private function rate(Fields $vehicle, string $axle, array $levelled): float
    {
        $name = "{$axle}_rate_kg_per_mm";
        if (! in_array($axle, $levelled, true)) {
            return $vehicle->number($name);
        }
        if ($vehicle->has($name)) {
            throw BadField::at($vehicle->pathOf($name), 'Expected null where levelling holds the height.');
        }

        return INF;
    }

    private function trailer(): TowedTrailer
    {
        $trailer = $this->fields->object('trailer');

        return new TowedTrailer(
            $trailer->number('ball_to_axle_mm'),
            $trailer->number('weight_kg'),
            $trailer->number('tongue_weight_kg'),
            $trailer->number('cg_above_axle_mm'),
            array_map(
                static fn (Fields $axle): array => [
                    'offset' => $axle->number('offset_mm'),
                    'rate' => $axle->number('rate_kg_per_mm'),
                ],
                $trailer->objects('axles'),
            ),
        );
    }

    private function bars(): Bars
    {
        $hitch = $this->fields->object('hitch');

        return new Bars(
            $hitch->count('bars'),
            $hitch->number('bar_rate_kg_per_mm'),
            $hitch->number('bar_arm_mm'),
            $hitch->number('ball_over_coupler_mm'),
        );
    }

    private function stance(CoupledRig $rig, Fields $stance): Attitude
    {
        if ($stance->has('tension_mm')) {
            return $rig->carried($stance->number('tension_mm'));
        }
        $stance->choice('bars', ['off']);

        return $rig->dropped();
    }

    /** @return array<string, float> */
    private static function figures(Attitude $attitude): array
    {
        return [
            'front_rise_mm' => $attitude->frontRise()->millimetres(),
            'rear_rise_mm' => $attitude->rearRise()->millimetres(),
            'ball_rise_mm' => $attitude->ballRise()->millimetres(),
            'front_load_change_kg' => $attitude->frontLoad()->kilograms(),
            'rear_load_change_kg' => $attitude->rearLoad()->kilograms(),
            'trailer_axle_change_kg' => $attitude->trailerLoad()->kilograms(),
            'bar_load_kg' => $attitude->barLoad()->kilograms(),
            'bar_moment_kg_mm' => $attitude->barMoment,
            'ball_load_kg' => $attitude->ballLoad()->kilograms(),
            'vehicle_pitch_deg' => $attitude->vehiclePitchAngle()->degrees(),
            'trailer_pitch_deg' => $attitude->trailerPitchAngle()->degrees(),
            'front_restored' => $attitude->frontRestored(),
        ];
    }
}

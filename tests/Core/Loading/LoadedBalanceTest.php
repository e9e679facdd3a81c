<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Proving\Simulation\SeededSource;

/**
 * The same rig without any change of datum: springs from where they stood before a load came aboard, bars as they were
 * set
 * then, solved by small steps.
 *
 * @return array{front: float, rear: float, frontLoad: float, ball: float, pitch: float}
 */
function balancedByHand(
    CoupledRig $rig,
    float $tension,
    float $onVehicle,
    float $at,
    float $onTrailer,
    float $ahead,
): array {
    [$vehicle, $trailer, $bars] = [$rig->vehicle(), $rig->trailer(), $rig->bars()];
    $length = $trailer->ballToAxle;
    [$ball, $moment, $pitch] = [$trailer->tongueWeight, 0.0, 0.0];
    for ($i = 0; $i < 6000; $i++) {
        $front =
            $onVehicle * (1 - $at / $vehicle->wheelbase) + ($moment - $ball * $vehicle->overhang) / $vehicle->wheelbase;
        $rear = $onVehicle + $ball - $front;
        [$zf, $zr] = [-$front / $vehicle->frontRate, -$rear / $vehicle->rearRate];
        $theta = ($zf - $zr) / $vehicle->wheelbase;
        $za = ($ball - $trailer->tongueWeight - $onTrailer) / $trailer->groupRate();
        $pitch = ($zr - $vehicle->overhang * $theta + $bars->ballOverCoupler - $za) / $length;
        $stiffness = $trailer->pitchStiffness() - ($trailer->weight + $onTrailer) * $trailer->cgAboveAxle;
        $ball +=
            0.05 * ($trailer->tongueWeight + ($onTrailer * $ahead + $stiffness * $pitch - $moment) / $length - $ball);
        $moment += 0.05 * ($bars->momentRate() * max(0.0, $tension + $bars->arm * ($theta - $pitch)) - $moment);
    }

    return ['front' => $zf, 'rear' => $zr, 'frontLoad' => $front, 'ball' => $ball, 'pitch' => $pitch];
}

it('stands as the rig would that nobody set a new datum for', function (int $seed): void {
    $random = new SeededSource($seed);
    $draw = $random->between(...);
    $weight = $draw(1350, 4300);
    $axles =
        $seed % 3 === 0
            ? [['offset' => 420.0, 'rate' => $draw(16, 40)], ['offset' => -420.0, 'rate' => $draw(16, 40)]]
            : [['offset' => 0.0, 'rate' => $draw(32, 80)]];
    $rig = new CoupledRig(
        new TowVehicle($draw(2900, 4100), $draw(1150, 1750), $draw(7, 22), $draw(7, 16)),
        new TowedTrailer($draw(3800, 6400), $weight, $weight * $draw(0.1, 0.15), $draw(200, 760), $axles),
        new Bars(2, $draw(3, 7), $draw(600, 790), $draw(0, 45)),
    );
    $tension = $rig->tensionFor($draw(0.2, 1.1));
    [$onVehicle, $at, $onTrailer, $ahead] = [$draw(10, 300), $draw(-500, 5000), $draw(10, 200), $draw(-2500, 3500)];
    $change = LoadChange::between(
        [],
        [
            Item::of('aboard', Load::ofKilograms($onVehicle), Carrier::Vehicle, Length::ofMillimetres($at)),
            Item::of('aboard', Load::ofKilograms($onTrailer), Carrier::Trailer, Length::ofMillimetres($ahead)),
        ],
    );
    $carried = $change->on($rig)->carried($tension + $change->tension($rig));
    $byHand = balancedByHand($rig, $tension, $onVehicle, $at, $onTrailer, $ahead);

    expect($change->frontRise($rig->vehicle())->plus($carried->frontRise())->millimetres())
        ->toEqualWithDelta($byHand['front'], 1e-3)
        ->and($change->rearRise($rig->vehicle())->plus($carried->rearRise())->millimetres())
        ->toEqualWithDelta($byHand['rear'], 1e-3)
        ->and($change->front(Length::ofMillimetres($rig->vehicle()->wheelbase))->plus($carried->frontLoad())->kilograms())
        ->toEqualWithDelta($byHand['frontLoad'], 1e-2)
        ->and($carried->load)
        ->toEqualWithDelta($byHand['ball'], 1e-2)
        ->and($carried->trailerPitch)
        ->toEqualWithDelta($byHand['pitch'], 1e-6);
})->with(range(1, 24));

<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Tests\Core\Planning\Described;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Estimation\Prior\AxleGroup;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Exception\ImpossibleItem;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\LoadRoom;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Mechanics\Loading\UsualItem;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Rig\Specification\SpecificationSheet;

function aboard(Carrier $on, float $kilograms, float $place): Item
{
    return Item::of('sacks', Load::ofKilograms($kilograms), $on, Length::ofMillimetres($place));
}

it('puts a trailer\'s load on tongue and axles by its lever', function (float $place, float $onTongue): void {
    $rig = Priors::rig()->likelyRig();
    $change = LoadChange::between([], [aboard(Carrier::Trailer, 100.0, $place)]);
    $loaded = $change->on($rig);

    expect($loaded->trailer()->weight)
        ->toEqualWithDelta(3280.0, 1e-9)
        ->and($loaded->trailer()->tongueWeight)
        ->toEqualWithDelta(402.0 + $onTongue, 1e-9)
        ->and($loaded->bars()->ballOverCoupler)
        ->toEqualWithDelta(14.0 + (100.0 - $onTongue) / 52.0, 1e-9)
        ->and($change->tension($rig))
        ->toEqualWithDelta(0.0, 1e-12);
})->with([
    'over the axles' => [0.0, 0.0],
    'at the ball' => [5150.0, 100.0],
    'half way' => [2575.0, 50.0],
    'behind' => [-2060.0, -40.0],
]);

it('tips ball and bars as a vehicle\'s load pitches it', function (): void {
    $rig = Priors::rig()->likelyRig();
    $boot = LoadChange::between([], [aboard(Carrier::Vehicle, 91.0, 3720.0)]);
    $between = LoadChange::between([], [aboard(Carrier::Vehicle, 91.0, 1860.0)]);

    expect([
        $boot->front(Length::ofMillimetres(3720.0))->kilograms(),
        $boot->rear(Length::ofMillimetres(3720.0))->kilograms(),
        $boot->frontRise($rig->vehicle())->millimetres(),
    ])
        ->toEqualWithDelta([0.0, 91.0, 0.0], 1e-9)
        ->and($boot->rearRise($rig->vehicle())->millimetres())
        ->toEqualWithDelta(-10.0, 1e-9)
        ->and($boot->tension($rig))
        ->toEqualWithDelta((720.0 * 10.0) / 3720.0, 1e-9)
        ->and($boot->on($rig)->bars()->ballOverCoupler)
        ->toEqualWithDelta(14.0 - 10.0 * (1 + 1340 / 3720), 1e-9)
        ->and([
            $between->front(Length::ofMillimetres(3720.0))->kilograms(),
            $between->rear(Length::ofMillimetres(3720.0))->kilograms(),
        ])
        ->toEqualWithDelta([45.5, 45.5], 1e-9)
        ->and(
            $boot->frontRise(new TowVehicle(3720.0, 1340.0, INF, INF))->millimetres() +
                $boot->rearRise(new TowVehicle(3720.0, 1340.0, INF, INF))->millimetres(),
        )
        ->toBe(0.0);
});

it('takes away what it put there', function (AxleGroup $axles): void {
    $rig = Priors::rig(axles: $axles)->likelyRig();
    [$home, $away] = [
        [aboard(Carrier::Trailer, 120.0, 1650.0)],
        [aboard(Carrier::Trailer, 80.0, -900.0), aboard(Carrier::Vehicle, 150.0, 2400.0)],
    ];
    $back = LoadChange::between($away, $home)->on(LoadChange::between($home, $away)->on($rig));

    expect($back->carried(30.0)->frontLoad()->kilograms())
        ->toEqualWithDelta($rig->carried(30.0)->frontLoad()->kilograms(), 1e-9)
        ->and($back->dropped()->ballRise()->millimetres())
        ->toEqualWithDelta($rig->dropped()->ballRise()->millimetres(), 1e-9)
        ->and(LoadChange::between($home, $home)->on($rig)->carried(30.0)->frontRestored())
        ->toEqualWithDelta($rig->carried(30.0)->frontRestored(), 1e-12);
})->with(['equalised' => [AxleGroup::equalised()], 'each on its own springs' => [AxleGroup::unequalised(2, 860.0)]]);

it('takes share off the tongue and load off the rear as water moves back', function (): void {
    $rig = Priors::rig()->likelyRig();
    $sheet = new SpecificationSheet([
        'fresh_tank_kg' => 150,
        'fresh_tank_ahead_mm' => 1650,
        'waste_tank_kg' => 110,
        'waste_tank_ahead_mm' => -900,
    ]);
    [$fresh, $waste] = Tank::of($sheet);
    $shares = array_map(
        function (float $moved) use ($rig, $fresh, $waste): array {
            $now = array_filter([$fresh->filled(0.7 - $moved), $waste->filled(($moved * 150) / 110)]);
            $loaded = LoadChange::between([$fresh->filled(0.7)], array_values($now))->on($rig);

            return [
                $loaded->trailer()->tongueWeight / $loaded->trailer()->weight,
                $loaded->dropped()->rearLoad()->kilograms(),
                $loaded->trailer()->weight,
            ];
        },
        [0.0, 0.3, 0.7],
    );

    expect($shares[0][0])
        ->toBeGreaterThan($shares[1][0])
        ->and($shares[1][0])
        ->toBeGreaterThan($shares[2][0])
        ->and($shares[0][1])
        ->toBeGreaterThan($shares[2][1])
        ->and($shares[2][2])
        ->toEqualWithDelta($shares[0][2], 1e-9);
});

it('knows no load that lifts the tongue off the ball', function (): void {
    LoadChange::between([], [aboard(Carrier::Trailer, 1200.0, -3000.0)])->on(Priors::rig()->likelyRig());
})->throws(ImpossibleModel::class, 'model.tongue_weight');

it('refuses a load that cannot be there, and says where it may', function (
    Closure $put,
    string $field,
    string $says,
): void {
    try {
        $put(new LoadRoom(Described::rig()));
    } catch (ImpossibleItem $impossible) {
        expect($impossible->field())->toBe($field)->and($impossible->expected()->key)->toBe($says);

        return;
    }
    $this->fail('It was taken.');
})->with([
    'weightless' => [fn () => aboard(Carrier::Vehicle, 0.0, 900.0), 'weight', 'item.weight'],
    'a house' => [fn () => aboard(Carrier::Vehicle, 9000.0, 900.0), 'weight', 'item.weight'],
    'ahead of the bumper' => [
        fn (LoadRoom $room) => $room->check(aboard(Carrier::Vehicle, 50.0, -2000.0)),
        'place',
        'item.outside_vehicle',
    ],
    'behind the rack' => [
        fn (LoadRoom $room) => $room->check(aboard(Carrier::Vehicle, 50.0, 6200.0)),
        'place',
        'item.outside_vehicle',
    ],
    'ahead of the ball' => [
        fn (LoadRoom $room) => $room->check(aboard(Carrier::Trailer, 50.0, 5200.0)),
        'place',
        'item.outside_trailer',
    ],
    'in the road behind' => [
        fn (LoadRoom $room) => $room->check(aboard(Carrier::Trailer, 50.0, -5200.0)),
        'place',
        'item.outside_trailer',
    ],
    'a tank over its brim' => [
        fn () => Tank::of(new SpecificationSheet(['fresh_tank_kg' => 90, 'fresh_tank_ahead_mm' => 500]))[0]->filled(1.2),
        'fill',
        'item.fill',
    ],
]);

it('draws a load where it is, and reads its place off the drawing', function (UsualItem $usual): void {
    $room = new LoadRoom(Described::rig());
    $item = $usual->on(Described::rig(), 'something');
    $room->check($item);

    expect($room->placeAt($item->on, $room->drawnAt($item))->millimetres())
        ->toEqualWithDelta($item->place->millimetres(), 1e-9)
        ->and($room->drawnAt($item))
        ->toBeGreaterThan(0.0);
})->with(UsualItem::cases());

it('knows a usual share on the tongue from too little and from much', function (
    float $share,
    bool $isUsual,
    bool $isTooLittle,
): void {
    expect((new TongueShare($share))->isUsual())
        ->toBe($isUsual)
        ->and((new TongueShare($share))->isTooLittle())
        ->toBe($isTooLittle);
})->with([[0.099, false, true], [0.1, true, false], [0.15, true, false], [0.151, false, false]]);

it('takes a load up to three tonnes for one, and none beyond', function (): void {
    expect(aboard(Carrier::Trailer, 3000.0, 0.0)->weight->kilograms())
        ->toBe(3000.0)
        ->and(fn () => aboard(Carrier::Trailer, 3000.1, 0.0))
        ->toThrow(ImpossibleItem::class)
        ->and(fn () => aboard(Carrier::Trailer, 0.0, 0.0))
        ->toThrow(ImpossibleItem::class);
});

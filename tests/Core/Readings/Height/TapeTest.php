<?php

declare(strict_types=1);

use Tests\Core\Method\Heights;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Text\LengthParser;
use Yoke\Measuring\Readings\Height\Caution;
use Yoke\Measuring\Readings\Height\Exception\NotAFenderHeight;
use Yoke\Measuring\Readings\Height\FenderHeight;
use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Measuring\Readings\Height\Plausibility;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;

/** @return array<string, string> kind and length in mm by stance and axle */
function cautions(array $taped, Settling $settling = Settling::Rolled): array
{
    $cautions = (new Plausibility())->cautions(Heights::of($taped, $settling));

    return array_column(
        array_map(
            fn (Caution $caution): array => [
                "{$caution->stance->value} {$caution->axle->value}",
                $caution->kind->value.' '.round($caution->length->millimetres()),
            ],
            $cautions,
        ),
        1,
        0,
    );
}

it('is worth what tape and suspension are worth', function (
    Suspension $springs,
    Settling $settling,
    float $friction,
): void {
    $reading = (new HeightDoubt())->reading(Length::ofMillimetres(950), $springs, $settling);

    expect($reading->doubt()->millimetres())->toEqualWithDelta(hypot(0.9, $friction), 1e-12);
})->with([
    'coil, rolled' => [Suspension::Coil, Settling::Rolled, 0.5],
    'leaf, rolled' => [Suspension::Leaf, Settling::Rolled, 1.1],
    'coil, not rolled' => [Suspension::Coil, Settling::NotRolled, 1.5],
    'leaf, not rolled' => [Suspension::Leaf, Settling::NotRolled, 3.5],
]);

it('shares the friction of an axle between its sides, not the tape', function (): void {
    $doubt = new HeightDoubt();
    $left = $doubt->reading(Length::ofMillimetres(950), Suspension::Leaf, Settling::Rolled);
    $right = $doubt->reading(Length::ofMillimetres(956), Suspension::Leaf, Settling::Rolled);
    $axle = $left->meanWith($right);

    expect($axle->height()->millimetres())
        ->toBe(953.0)
        ->and($axle->doubt()->millimetres())
        ->toEqualWithDelta(hypot(0.9 / M_SQRT2, 1.1), 1e-12);
});

it('takes no height that no fender has', function (string $typed, string $found): void {
    try {
        FenderHeight::of((new LengthParser(LengthUnit::Inch))->parse($typed));
        $said = '';
    } catch (NotAFenderHeight $refused) {
        $said = $refused->getMessage();
    }
    expect($said)->toStartWith('range.fender_height low_mm=300 high_mm=1800 low_in=12 high_in=71; ')->toContain($found);
})->with([
    'below zero' => ['-3', 'height.below_zero'],
    'zero' => ['0', 'height.below_zero'],
    'twelve metres' => ['12 m', 'height.metres metres=12'],
    'a forgotten digit' => ['3', 'height.is mm=76 in=3'],
    'centimetres read as inches' => ['97.8', 'height.is mm=2484 in=97.8'],
]);

it('names the unit that was meant, where the number fits one', function (
    string $typed,
    LengthUnit $default,
    string $meant,
): void {
    expect(fn () => FenderHeight::of((new LengthParser($default))->parse($typed)))->toThrow(
        NotAFenderHeight::class,
        $meant,
    );
})->with([
    'millimetres typed by a person of inches' => ['978', LengthUnit::Inch, 'height.if_metric number=978 unit=mm'],
    'inches typed by a person of millimetres' => [
        '38.5',
        LengthUnit::Millimetre,
        'height.if_inches number=38.5 unit=in',
    ],
    'centimetres typed by a person of inches' => ['97.8', LengthUnit::Inch, 'height.if_metric number=97.8 unit=cm'],
]);

it('offers no unit for a number that fits none', function (string $typed): void {
    try {
        FenderHeight::of((new LengthParser(LengthUnit::Inch))->parse($typed));
    } catch (NotAFenderHeight $refused) {
        expect($refused->getMessage())->not->toContain('height.if');
    }
})->with(['-3', '0', '5', '2 m', '99999']);

it('keeps what it refused', function (): void {
    try {
        FenderHeight::of((new LengthParser(LengthUnit::Inch))->parse('12 m'));
    } catch (NotAFenderHeight $refused) {
        expect($refused->typed()->typed())
            ->toBe('12 m')
            ->and($refused->getMessage())
            ->toContain('metres=12');
    }
});

it('has nothing to say about a rig that does what rigs do', function (): void {
    expect(cautions(['alone' => [950, 980], 'dropped' => [970, 930], 'carried' => [957, 950]]))
        ->toBe([])
        ->and(cautions(['alone' => [950, 980]]))
        ->toBe([])
        ->and(cautions([]))
        ->toBe([]);
});

it('questions heights that went the wrong way', function (
    array $dropped,
    array $carried,
    string $where,
    string $says,
): void {
    expect(cautions(['alone' => [950, 980], 'dropped' => $dropped, 'carried' => $carried]))
        ->toHaveKey($where)
        ->and(cautions(['alone' => [950, 980], 'dropped' => $dropped, 'carried' => $carried])[$where])
        ->toBe($says);
})->with([
    'front fell on coupling' => [[940, 930], [935, 950], 'dropped front', 'front_not_lifted 950'],
    'coupling moved nothing' => [[950, 979], [949, 981], 'dropped rear', 'nothing_moved 980'],
    'rear rose on coupling' => [[970, 990], [957, 995], 'dropped rear', 'rear_not_dropped 980'],
    'dropped and carried swapped, front' => [[957, 950], [970, 930], 'carried front', 'front_not_brought_down 957'],
    'dropped and carried swapped, rear' => [[957, 950], [970, 930], 'carried rear', 'rear_not_brought_up 950'],
    'dropped typed in place of carried' => [[970, 930], [970, 930], 'carried front', 'same_as_dropped 970'],
    'ten inches off' => [[970, 930], [957, 696], 'carried rear', 'too_far -284'],
]);

it('forgives what tape and friction can do', function (): void {
    expect(cautions(['alone' => [950, 980], 'dropped' => [949, 972]]))
        ->toBe([])
        ->and(cautions(['alone' => [950, 980], 'dropped' => [953, 981]]))
        ->toBe([])
        ->and(cautions(['alone' => [950, 980], 'dropped' => [970, 988]]))
        ->toHaveKey('dropped rear')
        ->and(cautions(['alone' => [950, 980], 'dropped' => [970, 988]], Settling::NotRolled))
        ->toBe([]);
});

it('questions fenders of one axle that stand far apart', function (): void {
    $read = fn (float $mm): HeightReading => HeightReading::of(
        Length::ofMillimetres($mm),
        Length::ofMillimetres(0.9),
        Length::ofMillimetres(0.5),
        Length::ofMillimetres(0.5),
    );
    $plausible = new Plausibility();

    expect($plausible->sidesApart($read(950), $read(975)))
        ->toBeNull()
        ->and($plausible->sidesApart($read(970), $read(938))?->millimetres())
        ->toBe(32.0)
        ->and($plausible->sidesApart($read(938), $read(970))?->millimetres())
        ->toBe(32.0);
});

it('knows the rise of each axle in each stance', function (): void {
    $heights = Heights::of(['alone' => [950, 980], 'dropped' => [970, 930]]);

    expect($heights->rise(Stance::Dropped, Axle::Front)?->millimetres())
        ->toBe(20.0)
        ->and($heights->rise(Stance::Dropped, Axle::Rear)?->millimetres())
        ->toBe(-50.0)
        ->and($heights->rise(Stance::Carried, Axle::Front))
        ->toBeNull()
        ->and($heights->holdsBothEndsOf(Stance::Dropped))
        ->toBeTrue()
        ->and($heights->holdsBothEndsOf(Stance::Carried))
        ->toBeFalse();
});

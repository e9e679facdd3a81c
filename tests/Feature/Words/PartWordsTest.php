<?php

declare(strict_types=1);

use App\Models\Aboard;
use App\Words\HeadWords;
use App\Words\LoadWords;
use App\Words\RoadWords;
use App\Words\ServiceWords;
use App\Words\SpecificationWords;
use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Torque;
use Yoke\Foundation\Units\TorqueUnit;
use Yoke\Judgement\Head\BallHeight;
use Yoke\Judgement\Head\Obstacle;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Mechanics\Loading\UsualItem;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Specification\FieldKind;
use Yoke\Rig\Specification\RigPart;
use Yoke\Rig\Specification\SpecificationSheet;
use Yoke\Workshop\Road\Feel;
use Yoke\Workshop\Service\CareTask;
use Yoke\Workshop\Service\DueState;
use Yoke\Workshop\Service\Recheck;
use Yoke\Workshop\Service\TorqueDone;

it('labels every field, group and choice of every specification, each field in its own words', function (
    RigPart $part,
): void {
    $labels = [];
    foreach ([$part->dimensions(), ...$part->groups()] as $group) {
        expect(SpecificationWords::group($part, $group->key))->toMatch('/^[A-Z]/');
        foreach ($group->fields as $field) {
            $labels[$group->key][] = SpecificationWords::label($part, $field->key);
            expect($field->kind === FieldKind::Choice)->toBe(SpecificationWords::options($part, $field->key) !== []);
        }
    }
    foreach ($labels as $group => $ofGroup) {
        expect(array_unique($ofGroup))->toBe($ofGroup, $group);
    }
})->with(RigPart::cases());

it('labels nothing that stands on no specification', function (RigPart $part): void {
    expect(
        array_diff(array_keys((array) trans("specification.{$part->value}.fields")), array_keys($part->fields())),
    )->toBe([]);
})->with(RigPart::cases());

it('offers the families by their names', function (): void {
    expect(SpecificationWords::options(RigPart::Hitch, 'family'))
        ->toHaveCount(count(Families::all()))
        ->and(SpecificationWords::option(RigPart::Hitch, 'family', 'cam-bar'))
        ->toBe('Bar on cam')
        ->and(SpecificationWords::option(RigPart::Vehicle, 'vehicle_class', 'half-ton pick-up'))
        ->toBe('Half-ton pick-up')
        ->and(SpecificationWords::hint(RigPart::Vehicle, 'wheelbase_mm'))
        ->toBe('Axle to axle')
        ->and(SpecificationWords::hint(RigPart::Vehicle, 'gcwr_kg'))
        ->toBe('')
        ->and(SpecificationWords::many(RigPart::Hitch))
        ->toBe('Hitches')
        ->and(SpecificationWords::part(RigPart::Trailer))
        ->toBe('trailer');
});

it('says what a wrench found and what to do about it, in the unit asked for', function (
    float $wrench,
    TorqueUnit $unit,
    string $says,
): void {
    expect(
        ServiceWords::torque(new TorqueDone(Torque::ofNewtonMetres(205.0), Torque::ofNewtonMetres($wrench)), $unit),
    )->toStartWith($says);
})->with([
    'loose' => [180.0, TorqueUnit::NewtonMetre, 'Loose: 180 N·m, the data sheet asks for 205 N·m. Tighten'],
    'loose, in pounds' => [180.0, TorqueUnit::PoundFoot, 'Loose: 133 lb·ft, the data sheet asks for 151 lb·ft.'],
    'over-tight' => [240.0, TorqueUnit::NewtonMetre, 'Over-tight, as bad as loose: 240 N·m'],
]);

it('says nothing of a fastener that is right', function (): void {
    expect(
        ServiceWords::torque(
            new TorqueDone(Torque::ofNewtonMetres(205.0), Torque::ofNewtonMetres(200.0)),
            TorqueUnit::NewtonMetre,
        ),
    )->toBe('');
});

it('says what an owner checks again and when, and tells no distance of its own', function (): void {
    $all = array_map(fn (Recheck $one): array => ServiceWords::recheck($one, null), Recheck::cases());

    expect(array_unique(array_column($all, 0)))
        ->toHaveCount(6)
        ->and(implode(' ', array_column($all, 1)))
        ->toContain('data sheet')
        ->toContain("trailer's load change")
        ->not->toMatch('/\d/')
        ->and(ServiceWords::recheck(Recheck::Torque, '50 mi')[1])
        ->toContain('at 50 mi')
        ->and(ServiceWords::byTheDataSheet(['5000 mi'])[1])
        ->toBe('every 5000 mi')
        ->and(ServiceWords::byTheDataSheet(['5000 mi', '12 months'])[1])
        ->toBe('every 5000 mi or 12 months, whichever comes first');
});

it('says how each task is done, with the family\'s own grease and wear where it is known', function (): void {
    foreach ([null, Families::get('friction-bracket')] as $family) {
        foreach (CareTask::of($family, new SpecificationSheet([])) as $task) {
            expect(ServiceWords::what($task))->not->toEndWith('.')->and(ServiceWords::how($task))->toEndWith('.');
        }
    }
    expect(ServiceWords::how(CareTask::of(null, new SpecificationSheet([]))[2]))
        ->toContain('none on friction faces')
        ->and(ServiceWords::how(CareTask::of(Families::get('friction-bracket'), new SpecificationSheet([]))[2]))
        ->toContain('No grease on bar or bracket')
        ->and(array_map(ServiceWords::due(...), DueState::cases()))
        ->toBe(['overdue', 'due soon', 'not yet due']);
});

it('asks after a road test, each answer in its own words', function (Feel $feel): void {
    $answers = array_map(fn (string $answer): string => RoadWords::answer($feel, $answer), $feel->answers());

    expect(RoadWords::asks($feel))->toMatch('/^[A-Z]/')->and(array_unique($answers))->toBe($answers);
})->with(Feel::cases());

it('says what a share on the tongue is', function (float $share, string $says): void {
    expect(LoadWords::share(new TongueShare($share)))->toContain($says);
})->with([[0.099, 'invites sway'], [0.1, 'as usual'], [0.15, 'as usual'], [0.151, 'ratings']]);

it('names the water of a tank by its tank, and anything else as somebody did', function (): void {
    $load = Load::ofKilograms(90.0);

    expect(LoadWords::item(Item::water('fresh', $load, Length::ofMillimetres(500.0))))
        ->toBe('fresh tank')
        ->and(LoadWords::item(Item::of('keg tank', $load, Carrier::Trailer, Length::ofMillimetres(500.0))))
        ->toBe('keg tank')
        ->and(array_unique(array_map(LoadWords::usual(...), UsualItem::cases())))
        ->toHaveCount(8);
});

it('knows water again in what travelled, also where it was written down by its name only', function (): void {
    $row = ['kg' => 90.0, 'on' => 'trailer', 'mm' => 500.0];
    [$old, $new, $else] = Aboard::items([
        ['name' => 'fresh tank', ...$row],
        ['name' => 'fresh', ...$row, 'tank' => 'fresh'],
        ['name' => 'keg tank', ...$row],
    ]);

    expect($old)
        ->toEqual($new)
        ->and($old->tank)
        ->toBe('fresh')
        ->and($else->tank)
        ->toBeNull()
        ->and(Aboard::items(Aboard::rows([$old, $else])))
        ->toEqual([$old, $else]);
});

it('says what is in the way of a head, and the rules of thumb beside a ball\'s height', function (): void {
    $length = Length::ofMillimetres(500.0);
    $place = new ShankPlace('drop', $length, 2, 1, $length, $length, [], Obstacle::cases());

    expect(HeadWords::inTheWay($place))
        ->toHaveCount(3)
        ->each->toEndWith('.')
        ->and(implode(' ', HeadWords::inTheWay($place)))
        ->toContain('tailgate')
        ->toContain('bumper')
        ->toContain('below the level coupler')
        ->and(HeadWords::place($place))
        ->toBe('In drop, hole 2')
        ->and(array_unique(array_map(HeadWords::school(...), (new BallHeight(Priors::rig()))->schools())))
        ->toHaveCount(5);
});

it('says where the brackets go and how the chains hang', function (): void {
    $person = new App\Models\User(['fineness' => '1 mm']);
    $words = new App\Words\BracketWords(new App\Words\QuantityWords($person));
    $place = fn (?array $tray): string => $words->place(
        Yoke\Measuring\Bars\BracketPlace::choose(
            Length::ofMillimetres(760.0),
            Length::ofMillimetres(700.0),
            Length::ofMillimetres(820.0),
            $tray === null ? null : array_map(Length::ofMillimetres(...), $tray),
        ),
    );

    expect($place(null))
        ->toBe('Brackets 760 mm behind the ball, the same on both sides.')
        ->and($place([755.0, 1010.0]))
        ->toContain("forward of the data sheet's distance")
        ->and($place([500.0, 765.0]))
        ->toContain("back of the data sheet's distance")
        ->and($place([600.0, 900.0]))
        ->toStartWith('No place within')
        ->and($words->lean(Yoke\Foundation\Units\Angle::ofDegrees(0.6)))
        ->toContain('hang square')
        ->and($words->lean(Yoke\Foundation\Units\Angle::ofDegrees(-7.4)))
        ->toContain('to the front at the top: move the brackets back')
        ->and($words->lean(Yoke\Foundation\Units\Angle::ofDegrees(3.0)))
        ->toContain('to the rear at the top: move the brackets forward');
});

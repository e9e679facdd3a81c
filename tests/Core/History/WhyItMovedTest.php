<?php

declare(strict_types=1);

use Tests\Core\Estimation\Priors;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\History\ItemChange;
use Yoke\Job\History\WhyItMoved;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Proving\Simulation\SeededSource;

function carriedItem(string $name, float $kilograms, float $place, Carrier $on = Carrier::Trailer): Item
{
    return Item::of($name, Load::ofKilograms($kilograms), $on, Length::ofMillimetres($place));
}

beforeEach(function (): void {
    $this->rig = Priors::rig()->likelyRig();
    $this->tension = $this->rig->tensionFor(0.7);
    $this->why = new WhyItMoved($this->rig, $this->tension, 28.0);
    $this->before = [
        carriedItem('water', 60.0, 1650.0),
        carriedItem('bikes', 34.0, 3900.0),
        carriedItem('friend', 80.0, 2100.0, Carrier::Vehicle),
    ];
});

it('pairs what travelled by name and carrier, and finds what came, went, moved or weighs otherwise', function (): void {
    $after = [
        carriedItem('water', 100.0, 1650.0),
        carriedItem('friend', 80.2, 2100.0, Carrier::Vehicle),
        carriedItem('bikes', 34.0, -2900.0),
        carriedItem('sacks', 50.0, 0.0),
    ];
    $changes = ItemChange::between($this->before, $after);
    $facts = array_map(
        static fn (ItemChange $change): array => [$change->item()->name, $change->more()->kilograms(), $change->hasMoved()],
        $changes,
    );

    expect($facts)
        ->toBe([['water', 40.0, false], ['bikes', 0.0, true], ['sacks', 50.0, false]])
        ->and($changes[1]->way())
        ->toBe('back')
        ->and(ItemChange::between($this->before, []))
        ->toHaveCount(3)
        ->and(ItemChange::between($this->before, array_reverse($this->before)))
        ->toBe([])
        ->and(
            ItemChange::between(
                [carriedItem('friend', 80.0, 500.0, Carrier::Vehicle)],
                [carriedItem('friend', 80.0, 2000.0, Carrier::Vehicle)],
            )[0]->way(),
        )
        ->toBe('back');
});

it(
    'says what a change does to the tongue by its lever, and asks for the steps that put back the same share',
    function (): void {
        [$cause] = $this->why->causes([carriedItem('water', 60.0, 1650.0)], [carriedItem('water', 100.0, 1650.0)]);
        $loaded = LoadChange::between([carriedItem('water', 60.0, 1650.0)], [carriedItem('water', 100.0, 1650.0)])->on(
            $this->rig,
        );

        expect($cause->tongue->kilograms())
            ->toEqualWithDelta((40.0 * 1650.0) / 5150.0, 1e-9)
            ->and($cause->steps)
            ->toBeGreaterThan(0.0)
            ->and($loaded->carried($this->tension + 28.0 * $cause->steps)->frontRestored())
            ->toEqualWithDelta(0.7, 1e-9);
    },
);

it(
    'holds for any load: the steps of all together put back the share that was, nothing asks for nothing, and back again undoes it',
    function (int $seed): void {
        $random = new SeededSource($seed);
        $draw = static fn (): array => array_map(
            static fn (int $i): Item => carriedItem(
                "thing {$i}",
                $random->between(5.0, 95.0),
                $random->between(-2400.0, 3600.0),
                $i % 2 === 0 ? Carrier::Trailer : Carrier::Vehicle,
            ),
            range(1, 5),
        );
        [$before, $after] = [$draw(), $draw()];
        $change = LoadChange::between($before, $after);
        $loaded = $change->on($this->rig);
        $steps = $this->why->inAll($before, $after);
        $back = (new WhyItMoved($loaded, $this->tension + 28.0 * $steps + $change->tension($this->rig), 28.0))->inAll(
            $after,
            $before,
        );

        expect($loaded->taut($this->tension + $change->tension($this->rig) + 28.0 * $steps)->frontRestored())
            ->toEqualWithDelta(0.7, 1e-9)
            ->and($this->why->leaves($before, $after, 28.0 * $steps))
            ->toEqualWithDelta(0.7, 1e-9)
            ->and($this->why->leaves($before, $before, 14.0))
            ->toBeGreaterThan(0.7)
            ->and($back)
            ->toEqualWithDelta(-$steps, 1e-6)
            ->and($this->why->inAll($before, $before))
            ->toEqualWithDelta(0.0, 1e-9)
            ->and(array_sum(array_map(static fn ($cause): float => $cause->tongue->kilograms(), $this->why->causes($before, $after))))
            ->toEqualWithDelta($change->tongue(Length::ofMillimetres(5150.0))->kilograms(), 1e-9);
    },
)->with(range(1, 12));

it('puts what moves the tongue most first, and will not lift it off the ball', function (): void {
    $causes = $this->why->causes($this->before, [carriedItem('sacks', 20.0, -800.0)]);

    expect(array_map(static fn ($cause): string => $cause->change->item()->name, $causes))
        ->toBe(['bikes', 'water', 'sacks', 'friend'])
        ->and(fn () => $this->why->inAll([], [carriedItem('boulders', 2500.0, -3000.0)]))
        ->toThrow(ImpossibleModel::class);
});

it('calls a share explained within two deviations of both readings, and not beyond', function (
    float $read,
    bool $explained,
): void {
    expect(WhyItMoved::explains(0.6, Normal::of(0.7, 0.03), Normal::of($read, 0.04)))->toBe($explained);
})->with(['the same' => [0.6, true], 'near' => [0.69, true], 'above' => [0.71, false], 'below' => [0.49, false]]);

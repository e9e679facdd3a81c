<?php

declare(strict_types=1);

use Yoke\Rig\Adjuster\Counting;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Showing\Drawing\CloseUp\CloseUpSheet;
use Yoke\Showing\Drawing\CloseUp\HitchCloseUp;
use Yoke\Showing\Drawing\CloseUp\StepMark;
use Yoke\Showing\Drawing\DrawnPart;
use Yoke\Showing\Drawing\Figure;

/** @return list<StepMark> the marks of one role */
function marksOf(HitchCloseUp $closeUp, Role $role): array
{
    return array_values(
        array_filter($closeUp->marks(), static fn (StepMark $mark): bool => $mark->adjuster->role === $role),
    );
}

/** @param  array<string, float>  $steps */
function closeUpOf(string $family, array $steps = [], ?HitchMeasures $measures = null): HitchCloseUp
{
    $family = Families::get($family);
    $adjusters = $family->adjusters($measures ?? new HitchMeasures());

    return new HitchCloseUp(
        $adjusters,
        Setting::of([...$adjusters->middle()->steps(), ...$steps]),
        $family->facts()->takeUp,
    );
}

/** The lowest and highest place of the figures of a kind. */
function reachOf(HitchCloseUp $closeUp, DrawnPart $part): array
{
    $heights = [];
    foreach ($closeUp->figures() as $figure) {
        foreach ($figure->part === $part ? $figure->points : [] as $point) {
            $heights[] = $point->y;
        }
    }

    return [min($heights), max($heights)];
}

dataset('families', array_map(static fn (HitchFamily $family): string => $family->key(), Families::all()));

it('marks every adjuster where it stands, once, at every setting and inside the sheet', function (string $key): void {
    $family = Families::get($key);
    $adjusters = $family->adjusters(new HitchMeasures());
    foreach ($adjusters->settings() as $setting) {
        $closeUp = new HitchCloseUp($adjusters, $setting, $family->facts()->takeUp);
        $inUse = array_filter($closeUp->marks(), static fn (StepMark $mark): bool => $mark->isInUse);
        expect(array_values(array_unique(array_map(static fn (StepMark $mark): string => $mark->adjuster->key, $inUse))))
            ->toHaveCount(count($adjusters->all()))
            ->and($inUse)
            ->toHaveCount(count($adjusters->all()));
        foreach ($inUse as $mark) {
            expect($mark->step)->toEqual($setting->step($mark->adjuster->key));
        }
        $outside = [
            ...array_filter(
                $closeUp->marks(),
                static fn (StepMark $mark): bool => $mark->at->x < 8.0 ||
                    $mark->at->x > CloseUpSheet::WIDTH - 8.0 ||
                    $mark->at->y < 8.0 ||
                    $mark->at->y > CloseUpSheet::HEIGHT - 8.0,
            ),
            ...array_filter(
                $closeUp->figures(),
                static fn (Figure $figure): bool => min(array_column($figure->points, 'y')) < -1.0 ||
                    max(array_column($figure->points, 'y')) > CloseUpSheet::HEIGHT,
            ),
        ];
        expect($outside)->toBe([]);
    }
})->with('families');

it('hangs the working links under the hook and those taken up loose behind it', function (): void {
    $at = fn (float $link): array => array_map(
        static fn (StepMark $mark): float => $mark->step,
        array_values(
            array_filter(
                marksOf(closeUpOf('chain-snap-up', ['link' => $link]), Role::Tension),
                static fn (StepMark $mark): bool => ! $mark->isInUse && $mark->at->x < CloseUpSheet::HOOK,
            ),
        ),
    );

    expect($at(3.0))
        ->toBe([4.0, 5.0, 6.0, 7.0, 8.0])
        ->and($at(3.5))
        ->toBe([5.0, 6.0, 7.0, 8.0])
        ->and($at(8.0))
        ->toBe([]);
});

it('draws as many links as the chain has, and shortens the working chain by a link at a time', function (): void {
    $links = static fn (HitchCloseUp $closeUp): int => count(
        array_filter($closeUp->figures(), static fn (Figure $figure): bool => $figure->part === DrawnPart::Link),
    );
    $tip = static function (float $link): float {
        $bar = array_values(
            array_filter(
                closeUpOf('chain-snap-up', ['link' => $link])->figures(),
                static fn (Figure $figure): bool => $figure->part === DrawnPart::Bar,
            ),
        )[0];

        return $bar->points[count($bar->points) - 1]->y;
    };

    expect($links(closeUpOf('chain-snap-up', ['link' => 2.0])))
        ->toBe(9)
        ->and($tip(5.0) - $tip(4.0))
        ->toEqualWithDelta($tip(4.0) - $tip(3.0), 1e-6)
        ->and($tip(5.0))
        ->toBeGreaterThan($tip(4.0));
});

it('numbers links as the shop counts them', function (): void {
    $taken = marksOf(closeUpOf('chain-snap-up', ['link' => 3.0]), Role::Tension)[0];
    $working = marksOf(
        closeUpOf('chain-snap-up', ['link' => 3.0], new HitchMeasures(counting: Counting::Working)),
        Role::Tension,
    )[0];

    expect($taken->adjuster->said($taken->step))->toBe(3.0)->and($working->adjuster->said($working->step))->toBe(5.0);
});

it(
    'raises the head with its hole, lays the bar on the hole in use, and tilts the tips down with each washer',
    function (): void {
        $ball = static fn (HitchCloseUp $closeUp): float => max(
            array_map(
                static fn (StepMark $mark): float => $mark->isInUse ? $mark->at->y : 0.0,
                marksOf($closeUp, Role::HeadHeight),
            ),
        );
        expect($ball(closeUpOf('friction-bracket', ['head' => 3.0])))->toBeGreaterThan(
            $ball(closeUpOf('friction-bracket', ['head' => 2.0])),
        );

        $ledge = static fn (float $hole): float => reachOf(
            closeUpOf('friction-bracket', ['hole' => $hole]),
            DrawnPart::Link,
        )[0];
        expect($ledge(4.0))->toBeGreaterThan($ledge(3.0));

        $slabs = static fn (float $washers): int => count(
            closeUpOf('friction-bracket', ['washer' => $washers])->figures(),
        );
        $lowest = static fn (float $washers): float => reachOf(
            closeUpOf('friction-bracket', ['washer' => $washers, 'hole' => 6.0]),
            DrawnPart::Bar,
        )[0];
        expect($slabs(4.0) - $slabs(1.0))
            ->toBe(3)
            ->and($lowest(5.0))
            ->toBeLessThan($lowest(1.0));
    },
);

it('shows a screw on the head, and a chain without bars where there are none', function (): void {
    $parts = static fn (HitchCloseUp $closeUp): array => array_map(
        static fn (Figure $figure): DrawnPart => $figure->part,
        $closeUp->figures(),
    );
    expect($parts(closeUpOf('tension-chain')))
        ->toContain(DrawnPart::Chain)
        ->not->toContain(DrawnPart::Bar)
        ->and($parts(closeUpOf('screw-jack-gauge')))
        ->toContain(DrawnPart::Bar);
    $screw = static fn (float $turns): float => reachOf(
        closeUpOf('screw-jack-gauge', ['turn' => $turns]),
        DrawnPart::Link,
    )[0];
    expect($screw(6.0))->toBeGreaterThan($screw(2.0));
});

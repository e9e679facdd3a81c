<?php

declare(strict_types=1);

/** The room of an app class: `Screens` for App\Screens\Bench\Look. */
function appRoomOf(string $class): string
{
    return explode('\\', $class)[1] ?? '';
}

it('imports one way between the rooms of the app', function (): void {
    $below = [
        'Models' => [],
        'Words' => ['Models'],
        'UseCases' => ['Models', 'Words'],
        'Devices' => ['Models', 'Words'],
        'Interchange' => ['Models', 'Words', 'UseCases'],
        'Screens' => ['Models', 'Words', 'UseCases', 'Interchange', 'Devices'],
        'Exceptions' => [],
    ];
    $seen = 0;
    foreach (treesOf('app') as $path => $tree) {
        $room = explode('/', $path)[1];
        if (! isset($below[$room])) {
            expect($room)->toBeIn(['Http', 'Console', 'Providers'], "{$path} stands in a room that nobody declared");

            continue;
        }
        $seen++;
        $used = array_map(appRoomOf(...), array_filter(classesIn($tree), fn (string $class): bool => str_starts_with($class, 'App\\')));
        expect(array_values(array_diff(array_unique($used), [...$below[$room], $room])))->toBe([], $path);
    }
    expect($seen)->toBeGreaterThan(100);
});

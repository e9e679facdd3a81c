<?php

declare(strict_types=1);

require_once __DIR__.'/trees.php';

/** The room of an app class: `Screens` for App\Screens\Bench\BenchQuery. */
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
        'Policies' => ['Models'],
        'Mail' => ['Models', 'Words'],
    ];
    $seen = 0;
    foreach (treesOf('app') as $path => $tree) {
        $room = explode('/', $path)[1];
        if (! isset($below[$room])) {
            expect($room)->toBeIn(['Http', 'Console', 'Providers'], "{$path} stands in a room that nobody declared");

            continue;
        }
        $seen++;
        $used = array_map(
            appRoomOf(...),
            array_filter(classesIn($tree), fn (string $class): bool => str_starts_with($class, 'App\\')),
        );
        expect(array_values(array_diff(array_unique($used), [...$below[$room], $room])))->toBe([], $path);
    }
    expect($seen)->toBeGreaterThan(100);
});

it('asks the container for nothing outside its providers', function (): void {
    $finder = new PhpParser\NodeFinder();
    foreach (treesOf('app') as $path => $tree) {
        if (! str_starts_with($path, 'app/Providers/')) {
            $asked = $finder->find(
                $tree,
                fn (PhpParser\Node $node): bool => $node instanceof PhpParser\Node\Expr\FuncCall &&
                    $node->name instanceof PhpParser\Node\Name &&
                    in_array($node->name->getLast(), ['app', 'resolve'], true),
            );
            expect($asked)->toBe([], $path);
        }
    }
});

it('writes nothing in controllers, middleware or requests: every deed is a use case', function (): void {
    $finder = new PhpParser\NodeFinder();
    $writes = [
        'create',
        'update',
        'save',
        'delete',
        'forceDelete',
        'insert',
        'insertOrIgnore',
        'upsert',
        'updateOrCreate',
        'firstOrCreate',
        'push',
        'touch',
        'increment',
        'forceFill',
        'saveQuietly',
        'updateQuietly',
    ];
    $seen = 0;
    foreach (treesOf('app') as $path => $tree) {
        if (str_starts_with($path, 'app/Http/')) {
            $seen++;
            $found = $finder->find(
                $tree,
                fn (PhpParser\Node $node): bool => ($node instanceof PhpParser\Node\Expr\MethodCall ||
                    $node instanceof PhpParser\Node\Expr\StaticCall) &&
                    $node->name instanceof PhpParser\Node\Identifier &&
                    in_array($node->name->name, $writes, true),
            );
            expect(array_map(fn (PhpParser\Node $node): int => $node->getStartLine(), $found))->toBe([], $path);
        }
    }
    expect($seen)->toBeGreaterThan(60);
});

it('keeps every line of core and app within 120 columns', function (): void {
    $seen = 0;
    foreach ([...treesOf('core'), ...treesOf('app')] as $path => $tree) {
        $seen++;
        foreach (explode("\n", (string) file_get_contents(dirname(__DIR__, 2)."/{$path}")) as $number => $line) {
            expect(mb_strlen($line))->toBeLessThanOrEqual(120, "{$path}:".($number + 1));
        }
    }
    expect($seen)->toBeGreaterThan(800);
});

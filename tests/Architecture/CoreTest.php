<?php

declare(strict_types=1);

use Illuminate\Support\Str;
use PhpParser\Node;
use PhpParser\NodeFinder;

require_once __DIR__.'/trees.php';

it('has a core to look at', function (): void {
    expect(count(treesOf('core')))->toBeGreaterThan(60);
});

it('names nothing but itself and PHP in the core', function (): void {
    $php = [
        'BackedEnum',
        'Closure',
        'DomainException',
        'InvalidArgumentException',
        'LogicException',
        'OutOfRangeException',
        'RuntimeException',
        'Throwable',
        'Random\Engine\Xoshiro256StarStar',
        'Random\Randomizer',
    ];
    foreach (treesOf('core') as $path => $tree) {
        $foreign = array_filter(
            classesIn($tree),
            fn (string $class): bool => ! str_starts_with($class, 'Yoke\\') && ! in_array($class, $php, true),
        );
        expect(array_values($foreign))->toBe([], $path);
    }
});

it('asks no clock, no chance, no environment and prints nothing in the core', function (): void {
    $allowed = [
        'abs',
        'array_column',
        'array_combine',
        'array_diff_key',
        'array_fill',
        'array_filter',
        'array_intersect_key',
        'array_key_exists',
        'array_keys',
        'array_map',
        'array_merge',
        'array_push',
        'array_search',
        'array_slice',
        'array_sum',
        'array_values',
        'asin',
        'atan2',
        'ceil',
        'cos',
        'count',
        'deg2rad',
        'exp',
        'explode',
        'floor',
        'hypot',
        'implode',
        'in_array',
        'intdiv',
        'is_finite',
        'is_float',
        'is_int',
        'is_string',
        'ksort',
        'log',
        'max',
        'min',
        'number_format',
        'preg_match',
        'preg_replace',
        'preg_split',
        'rad2deg',
        'range',
        'round',
        'rtrim',
        'sin',
        'sort',
        'sprintf',
        'sqrt',
        'str_contains',
        'str_ends_with',
        'str_replace',
        'str_starts_with',
        'strlen',
        'substr_count',
        'strtolower',
        'strtr',
        'substr',
        'tan',
        'trim',
        'uasort',
        'ucfirst',
        'usort',
        'vsprintf',
        'lcfirst',
    ];
    $finder = new NodeFinder();
    foreach (treesOf('core') as $path => $tree) {
        $called = array_map(
            fn (Node\Expr\FuncCall $call): string => $call->name instanceof Node\Name
                ? $call->name->getLast()
                : '(a closure)',
            $finder->findInstanceOf($tree, Node\Expr\FuncCall::class),
        );
        $strange = array_diff(array_unique($called), $allowed, ['(a closure)']);
        $superglobals = $finder->find(
            $tree,
            fn (Node $node): bool => $node instanceof Node\Expr\Variable &&
                is_string($node->name) &&
                preg_match('/^(_[A-Z]+|GLOBALS)$/', $node->name) === 1,
        );
        $output = $finder->find(
            $tree,
            fn (Node $node): bool => $node instanceof Node\Stmt\Echo_ ||
                $node instanceof Node\Expr\Print_ ||
                $node instanceof Node\Stmt\InlineHTML ||
                $node instanceof Node\Expr\Exit_,
        );

        expect(array_values($strange))
            ->toBe([], $path)
            ->and($superglobals)
            ->toBe([], $path)
            ->and($output)
            ->toBe([], $path);
    }
});

it('imports only what lies on its own storey or below', function (): void {
    $storeys = ['', 'Foundation', 'Rig', 'Mechanics', 'Measuring', 'Judgement', 'Job', 'Workshop', 'Showing', 'Proving'];
    foreach (treesOf('core') as $path => $tree) {
        $storey = array_search(storeyOf($path), $storeys, true);
        expect($storey)->not->toBeFalse($path);
        $above = array_filter(
            classesIn($tree),
            static fn (string $class): bool => str_starts_with($class, 'Yoke\\') &&
                array_search(storeyOf($class), $storeys, true) > $storey,
        );
        expect(array_values($above))->toBe([], $path);
    }
});

it('lets a shop\'s rules be made in one place alone', function (): void {
    $made = static fn (array $tree): array => array_map(
        static fn (Node\Expr\New_ $new): string => $new->class instanceof Node\Name ? $new->class->getLast() : '',
        (new NodeFinder())->findInstanceOf($tree, Node\Expr\New_::class),
    );
    $found = [];
    foreach ([...treesOf('core'), ...treesOf('app')] as $path => $tree) {
        $parts = array_intersect(['StoppingRules', 'Tolerances', 'HeightDoubt', 'PriorDoubts'], $made($tree));
        $found = $parts === [] ? $found : [...$found, $path];
    }

    expect($found)->toBe(['core/Job/Shop/ShopRules.php']);
});

it('keeps classes final, files strict and public methods free of boolean switches', function (string $folder): void {
    $finder = new NodeFinder();
    foreach (treesOf($folder) as $path => $tree) {
        $strict = $finder->findFirst(
            $tree,
            fn (Node $node): bool => $node instanceof Node\DeclareItem && $node->key->name === 'strict_types',
        );
        $open = $finder->find(
            $tree,
            fn (Node $node): bool => $node instanceof Node\Stmt\Class_ && $node->name !== null && ! $node->isFinal(),
        );
        $switches = $finder->find(
            $tree,
            fn (Node $node): bool => $node instanceof Node\Stmt\ClassMethod &&
                $node->isPublic() &&
                $folder === 'core' &&
                array_filter(
                    $node->params,
                    fn (Node\Param $param): bool => $param->type instanceof Node\Identifier &&
                        $param->type->name === 'bool',
                ) !== [],
        );

        expect($strict)->not->toBeNull($path)->and($open)->toBe([], $path)->and($switches)->toBe([], $path);
    }
})->with(['core', 'app']);

/** What stands in a folder below another belongs to it. */
function isBelow(string $folder, string $other): bool
{
    return str_starts_with("{$folder}\\", "{$other}\\") || str_starts_with("{$other}\\", "{$folder}\\");
}

it('has no cycle between folders, neither between rooms nor within one', function (string $root, string $space): void {
    $uses = [];
    foreach (treesOf($root) as $path => $tree) {
        $folder = str_replace('/', '\\', $space.substr(dirname($path), strlen($root)));
        foreach (classesIn($tree) as $class) {
            $other = substr($class, 0, (int) strrpos($class, '\\'));
            if (str_starts_with($class, "{$space}\\") && ! isBelow($folder, $other)) {
                $uses[$folder][$other] = true;
            }
        }
    }
    $reached = static function (string $from) use ($uses): array {
        [$seen, $left] = [[], array_keys($uses[$from] ?? [])];
        while ($left !== []) {
            $next = array_pop($left);
            if (! isset($seen[$next])) {
                $seen[$next] = true;
                array_push($left, ...array_keys($uses[$next] ?? []));
            }
        }

        return array_keys($seen);
    };
    $cycles = array_filter(array_keys($uses), static fn (string $folder): bool => in_array($folder, $reached($folder), true));

    expect(array_values($cycles))->toBe([])->and(count($uses))->toBeGreaterThan(15);
})->with([['core', 'Yoke'], ['app/UseCases', 'App\\UseCases']]);

it('leaves no rule of the job to the pages', function (): void {
    $root = dirname(__DIR__, 2);
    $scripts = implode(
        "\n",
        array_map(
            fn (string $file): string => (string) file_get_contents($file),
            glob("{$root}/resources/js/*.js") ?: [],
        ),
    );

    expect($scripts)->not->toBe('')->and($scripts)->not->toMatch('/25\.4|304\.8|0\.4535|parseFloat|Math\./');
});

it('makes an observation of a reading in one place: whoever else has readings fills a history', function (): void {
    $finder = new NodeFinder();
    foreach ([...treesOf('core'), ...treesOf('app')] as $path => $tree) {
        $made = $finder->find(
            $tree,
            fn (Node $node): bool => $node instanceof Node\Expr\New_ &&
                $node->class instanceof Node\Name &&
                $node->class->getLast() === 'Observation',
        );
        expect($path === 'core/Measuring/Readings/ObservationMapper.php' ? [] : $made)->toBe([], $path);
    }
});

it('gives back objects, not tuples that are told apart by their place', function (): void {
    // Rows as they are kept in the database.
    $kept = ['Yoke\\Measuring\\Estimation\\CarriedOverPrior::rows'];
    $finder = new NodeFinder();
    [$tuples, $seen] = [[], 0];
    foreach (treesOf('core') as $tree) {
        foreach ($finder->findInstanceOf($tree, Node\Stmt\ClassLike::class) as $class) {
            foreach ($class->getMethods() as $method) {
                $seen++;
                preg_match('/@return\s+((?:[^@*]|\*(?!\/)\s)*)/', (string) $method->getDocComment(), $told);
                $name = "{$class->namespacedName}::{$method->name}";
                if (
                    $method->isPublic() &&
                    ! in_array($name, $kept, true) &&
                    preg_match("/array\{\s*(?![\w']+\??:)[^}]*,/", $told[1] ?? '') === 1
                ) {
                    $tuples[] = $name;
                }
            }
        }
    }

    expect($tuples)->toBe([])->and($seen)->toBeGreaterThan(1500);
});

/**
 * The fit, the statics, the simulator and the drawings reckon in plain numbers; so does whoever hands them bar tension,
 * which is a coordinate of the model and no length that anybody tapes. Shares, chances, steps and minutes have no unit.
 */
it('gives lengths, loads and angles of the trade back as quantities, not as numbers in a unit', function (): void {
    $rooms = ['Rig', 'Measuring/Bars', 'Measuring/Readings', 'Mechanics/Loading', 'Judgement', 'Job', 'Workshop'];
    $numbers = [
        'Yoke\\Measuring\\Readings\\Tongue\\TongueCurve::again', // of a load that it is compared with
        'Yoke\\Mechanics\\Loading\\LoadRoom::drawnAt', // a place on a drawing
        'Yoke\\Job\\Record\\SettingOffsets::ball', // a coordinate of the model
        'Yoke\\Job\\Record\\SettingOffsets::step', // of bar tension
        'Yoke\\Job\\Experience\\Source::textbook', // each source in its own unit
        'Yoke\\Rig\\Adjuster\\Adjusters::finestStep', // of bar tension
        'Yoke\\Rig\\Parts\\VehicleClass::rideRate', // kg/mm
    ];
    [$bare, $seen] = [[], 0];
    foreach (treesOf('core') as $path => $tree) {
        if (! Str::startsWith($path, array_map(fn (string $room): string => "core/{$room}/", $rooms))) {
            continue;
        }
        foreach ((new NodeFinder())->findInstanceOf($tree, Node\Stmt\ClassLike::class) as $class) {
            foreach ($class->getMethods() as $method) {
                $seen++;
                $type = $method->returnType instanceof Node\NullableType ? $method->returnType->type : $method->returnType;
                $says = (string) preg_replace('/@param(?:[^@])*/', '', (string) $method->getDocComment());
                $name = "{$class->namespacedName}::{$method->name}";
                if (
                    $method->isPublic() &&
                    $type instanceof Node\Identifier &&
                    $type->name === 'float' &&
                    preg_match('/\b(?:mm|kg|rad|millimetres|kilograms)\b/', $says) === 1 &&
                    ! str_contains(strtolower((string) $method->name), 'tension') &&
                    ! in_array($name, $numbers, true)
                ) {
                    $bare[] = $name;
                }
            }
        }
    }

    expect($bare)->toBe([])->and($seen)->toBeGreaterThan(700);
});

<?php

declare(strict_types=1);

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

it('imports one way between the rooms of the core', function (): void {
    $below = [
        '' => [],
        'Units' => [''],
        'Probability' => ['', 'Units'],
        'Rig' => ['', 'Units'],
        'Adjuster' => [''],
        'Family' => ['', 'Adjuster'],
        'Specification' => ['', 'Units', 'Rig', 'Adjuster', 'Family'],
        'Statics' => ['', 'Units'],
        'Loading' => ['', 'Units', 'Rig', 'Specification', 'Statics'],
        'Estimation' => ['Units', 'Probability', 'Rig', 'Statics', 'Loading'],
        'Readings' => ['', 'Units', 'Probability', 'Rig', 'Statics', 'Estimation'],
        'Method' => ['', 'Units', 'Probability', 'Rig', 'Adjuster', 'Statics', 'Readings'],
        'Bars' => ['', 'Units', 'Probability', 'Rig', 'Adjuster', 'Specification', 'Statics', 'Estimation', 'Readings'],
        'Ratings' => ['Units', 'Rig', 'Specification', 'Statics', 'Loading', 'Readings'],
        'Constraint' => ['Units', 'Adjuster', 'Statics', 'Bars', 'Ratings'],
        'Head' => ['Units', 'Probability', 'Family', 'Specification', 'Statics', 'Estimation'],
        'Job' => ['Units', 'Probability', 'Rig', 'Adjuster', 'Loading', 'Estimation', 'Readings', 'Method'],
        'Advice' => ['Units', 'Probability', 'Rig', 'Adjuster', 'Statics', 'Estimation', 'Method', 'Constraint'],
        'Shop' => ['Units', 'Adjuster', 'Estimation', 'Readings', 'Method', 'Advice'],
        'Planning' => [
            '',
            'Units',
            'Probability',
            'Rig',
            'Adjuster',
            'Family',
            'Specification',
            'Statics',
            'Loading',
            'Estimation',
            'Readings',
            'Method',
            'Bars',
            'Ratings',
            'Constraint',
            'Head',
            'Job',
            'Advice',
        ],
        'Choice' => [
            '',
            'Units',
            'Probability',
            'Adjuster',
            'Family',
            'Specification',
            'Statics',
            'Loading',
            'Estimation',
            'Method',
            'Constraint',
            'Advice',
            'Job',
            'Planning',
        ],
        'Analysis' => ['Units', 'Probability', 'Rig', 'Statics', 'Estimation', 'Method', 'Advice', 'Planning'],
        'Trip' => [
            '',
            'Rig',
            'Units',
            'Adjuster',
            'Statics',
            'Loading',
            'Estimation',
            'Method',
            'Readings',
            'Ratings',
            'Advice',
            'Planning',
        ],
        'Experience' => ['', 'Probability', 'Rig', 'Estimation', 'Readings'],
        'Day' => ['Probability', 'Procedure', 'Advice'],
        'History' => ['Probability', 'Statics', 'Loading'],
        'Drawing' => [
            'Units',
            'Probability',
            'Rig',
            'Adjuster',
            'Family',
            'Statics',
            'Estimation',
            'Readings',
            'Method',
        ],
        'Procedure' => ['', 'Rig', 'Family', 'Specification'],
        'Service' => ['', 'Units', 'Family', 'Specification'],
        'Road' => ['', 'Procedure'],
        'Sway' => ['Units', 'Probability', 'Family', 'Statics', 'Estimation', 'Method', 'Procedure'],
        'Practice' => [
            '',
            'Units',
            'Probability',
            'Rig',
            'Adjuster',
            'Family',
            'Specification',
            'Statics',
            'Estimation',
            'Readings',
            'Method',
            'Advice',
            'Planning',
            'Analysis',
            'Simulation',
            'Job',
            'Shop',
        ],
        'Explainer' => ['Units', 'Rig', 'Loading', 'Statics', 'Readings', 'Method', 'Sway', 'Shop'],
        'Simulation' => [
            'Units',
            'Probability',
            'Rig',
            'Adjuster',
            'Statics',
            'Estimation',
            'Readings',
            'Method',
            'Advice',
            'Planning',
            'Experience',
            'Job',
            'Shop',
        ],
    ];
    foreach (treesOf('core') as $path => $tree) {
        $room = roomOf($path);
        expect($below)->toHaveKey($room, message: $path);
        $used = array_map(
            roomOf(...),
            array_filter(classesIn($tree), fn (string $class): bool => str_starts_with($class, 'Yoke\\')),
        );
        expect(array_values(array_diff(array_unique($used), [...$below[$room], $room])))->toBe([], $path);
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

    expect($found)->toBe(['core/Shop/ShopRules.php']);
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

it('has no cycle between the rooms of the core', function (): void {
    $uses = [];
    foreach (treesOf('core') as $path => $tree) {
        foreach (
            array_filter(classesIn($tree), fn (string $class): bool => str_starts_with($class, 'Yoke\\')) as $class
        ) {
            $uses[roomOf($path)][roomOf($class)] = true;
        }
    }
    $reaches = function (string $from, string $to, array $seen = []) use (&$reaches, $uses): bool {
        foreach (array_keys($uses[$from] ?? []) as $next) {
            if (
                $next !== $from &&
                ! in_array($next, $seen, true) &&
                ($next === $to || $reaches($next, $to, [...$seen, $next]))
            ) {
                return true;
            }
        }

        return false;
    };
    foreach (array_keys($uses) as $room) {
        expect($reaches((string) $room, (string) $room))->toBeFalse((string) $room);
    }
    expect(count($uses))->toBeGreaterThan(20);
});

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
        expect($path === 'core/Readings/ObservationMapper.php' ? [] : $made)->toBe([], $path);
    }
});

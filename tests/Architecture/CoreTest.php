<?php

declare(strict_types=1);

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;

/** @return array<string, list<Node>> syntax trees with resolved names, by path from the project's root */
function treesOf(string $folder): array
{
    $root = dirname(__DIR__, 2);
    $trees = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->getExtension() === 'php') {
            $traverser = new NodeTraverser(new NameResolver);
            $tree = (new ParserFactory)->createForHostVersion()->parse((string) file_get_contents($file->getPathname())) ?? [];
            $trees[substr($file->getPathname(), strlen($root) + 1)] = $traverser->traverse($tree);
        }
    }
    ksort($trees);

    return $trees;
}

/** @return list<string> fully qualified class names that a tree names */
function classesIn(array $tree): array
{
    $finder = new NodeFinder;
    $functions = array_map(fn (Node\Expr\FuncCall $call): ?Node => $call->name instanceof Node\Name ? $call->name : null, $finder->findInstanceOf($tree, Node\Expr\FuncCall::class));
    $constants = array_map(fn (Node\Expr\ConstFetch $fetch): Node => $fetch->name, $finder->findInstanceOf($tree, Node\Expr\ConstFetch::class));
    $names = $finder->find($tree, fn (Node $node): bool => $node instanceof Node\Name\FullyQualified && ! in_array($node, [...$functions, ...$constants], true));

    return array_values(array_unique(array_map(fn (Node $name): string => $name->toString(), $names)));
}

/** The room of a core file or class: `Method` for core/Method/Band.php and for Yoke\Method\Band; empty at the root. */
function roomOf(string $path): string
{
    $parts = preg_split('~[/\\\\]~', $path) ?: [];

    return count($parts) > 2 ? $parts[1] : '';
}

it('has a core to look at', function (): void {
    expect(count(treesOf('core')))->toBeGreaterThan(60);
});

it('names nothing but itself and PHP in the core', function (): void {
    $php = ['Closure', 'DomainException', 'InvalidArgumentException', 'LogicException', 'RuntimeException', 'Throwable', 'Random\Engine\Xoshiro256StarStar', 'Random\Randomizer'];
    foreach (treesOf('core') as $path => $tree) {
        $foreign = array_filter(classesIn($tree), fn (string $class): bool => ! str_starts_with($class, 'Yoke\\') && ! in_array($class, $php, true));
        expect(array_values($foreign))->toBe([], $path);
    }
});

it('asks no clock, no chance, no environment and prints nothing in the core', function (): void {
    $allowed = [
        'abs', 'array_column', 'array_fill', 'array_filter', 'array_intersect_key', 'array_key_exists', 'array_keys', 'array_map', 'array_merge', 'array_push', 'array_search', 'array_sum', 'array_values', 'atan2',
        'ceil', 'cos', 'count', 'deg2rad', 'exp', 'explode', 'floor', 'hypot', 'implode', 'in_array', 'intdiv', 'is_finite', 'is_float', 'is_int', 'is_string', 'ksort', 'log', 'max', 'min', 'number_format',
        'preg_match', 'preg_replace', 'preg_split', 'rad2deg', 'round', 'rtrim', 'sin', 'sprintf', 'sqrt', 'str_replace', 'str_starts_with', 'strlen', 'substr_count', 'strtolower', 'strtr', 'substr', 'tan', 'trim', 'ucfirst', 'usort', 'vsprintf', 'lcfirst',
    ];
    $finder = new NodeFinder;
    foreach (treesOf('core') as $path => $tree) {
        $called = array_map(
            fn (Node\Expr\FuncCall $call): string => $call->name instanceof Node\Name ? $call->name->getLast() : '(a closure)',
            $finder->findInstanceOf($tree, Node\Expr\FuncCall::class),
        );
        $strange = array_diff(array_unique($called), $allowed, ['(a closure)']);
        $superglobals = $finder->find($tree, fn (Node $node): bool => $node instanceof Node\Expr\Variable && is_string($node->name) && preg_match('/^(_[A-Z]+|GLOBALS)$/', $node->name) === 1);
        $output = $finder->find($tree, fn (Node $node): bool => $node instanceof Node\Stmt\Echo_ || $node instanceof Node\Expr\Print_ || $node instanceof Node\Stmt\InlineHTML || $node instanceof Node\Expr\Exit_);

        expect(array_values($strange))->toBe([], $path)
            ->and($superglobals)->toBe([], $path)
            ->and($output)->toBe([], $path);
    }
});

it('imports one way between the rooms of the core', function (): void {
    $below = [
        '' => [],
        'Units' => [''],
        'Probability' => ['', 'Units'],
        'Rig' => ['', 'Units'],
        'Adjuster' => ['', 'Rig'],
        'Family' => ['', 'Adjuster'],
        'Specification' => ['Units', 'Rig', 'Adjuster', 'Family'],
        'Statics' => ['', 'Units'],
        'Loading' => ['', 'Units', 'Rig', 'Specification', 'Statics'],
        'Estimation' => ['Probability', 'Rig', 'Statics', 'Loading'],
        'Readings' => ['', 'Units', 'Probability', 'Rig', 'Statics'],
        'Method' => ['', 'Units', 'Probability', 'Rig', 'Adjuster', 'Readings', 'Statics', 'Estimation'],
        'Ratings' => ['Units', 'Rig', 'Readings', 'Specification', 'Statics', 'Loading'],
        'Bars' => ['Units', 'Probability', 'Rig', 'Adjuster', 'Specification', 'Statics', 'Estimation', 'Method'],
        'Constraint' => ['Units', 'Adjuster', 'Statics', 'Bars', 'Ratings'],
        'Head' => ['Units', 'Probability', 'Family', 'Specification', 'Statics', 'Estimation'],
        'Advice' => ['Units', 'Probability', 'Adjuster', 'Statics', 'Estimation', 'Method', 'Constraint'],
        'Planning' => ['Units', 'Probability', 'Rig', 'Adjuster', 'Family', 'Specification', 'Statics', 'Loading', 'Estimation', 'Readings', 'Method', 'Ratings', 'Bars', 'Constraint', 'Head', 'Advice'],
        'History' => ['Units', 'Probability', 'Statics', 'Loading'],
        'Drawing' => ['Units', 'Probability', 'Rig', 'Adjuster', 'Statics', 'Estimation', 'Readings', 'Method'],
        'Procedure' => ['', 'Rig', 'Family', 'Specification'],
        'Service' => ['', 'Units', 'Rig', 'Adjuster', 'Family', 'Specification'],
        'Road' => ['', 'Procedure'],
        'Sway' => ['Units', 'Probability', 'Family', 'Specification', 'Statics', 'Estimation', 'Method', 'Advice', 'Procedure'],
        'Simulation' => ['Units', 'Probability', 'Rig', 'Adjuster', 'Statics', 'Estimation', 'Readings', 'Method', 'Advice'],
    ];
    foreach (treesOf('core') as $path => $tree) {
        $room = roomOf($path);
        expect($below)->toHaveKey($room, message: $path);
        $used = array_map(roomOf(...), array_filter(classesIn($tree), fn (string $class): bool => str_starts_with($class, 'Yoke\\')));
        expect(array_values(array_diff(array_unique($used), [...$below[$room], $room])))->toBe([], $path);
    }
});

it('keeps classes final, files strict and public methods free of boolean switches', function (string $folder): void {
    $finder = new NodeFinder;
    foreach (treesOf($folder) as $path => $tree) {
        $strict = $finder->findFirst($tree, fn (Node $node): bool => $node instanceof Node\DeclareItem && $node->key->name === 'strict_types');
        $open = $finder->find($tree, fn (Node $node): bool => $node instanceof Node\Stmt\Class_ && $node->name !== null && ! $node->isFinal());
        $switches = $finder->find($tree, fn (Node $node): bool => $node instanceof Node\Stmt\ClassMethod && $node->isPublic() && $folder === 'core'
            && array_filter($node->params, fn (Node\Param $param): bool => $param->type instanceof Node\Identifier && $param->type->name === 'bool') !== []);

        expect($strict)->not->toBeNull($path)->and($open)->toBe([], $path)->and($switches)->toBe([], $path);
    }
})->with(['core', 'app']);

it('leaves no rule of the job to the pages', function (): void {
    $root = dirname(__DIR__, 2);
    $scripts = implode("\n", array_map(fn (string $file): string => (string) file_get_contents($file), glob("{$root}/resources/js/*.js") ?: []));

    expect($scripts)->not->toBe('')
        ->and($scripts)->not->toMatch('/25\.4|304\.8|0\.4535|parseFloat|Math\./');
});

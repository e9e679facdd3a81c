<?php

declare(strict_types=1);

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;

/**
 * @return array<string, list<Node>> syntax trees with resolved names, by path from the project's root; parsed once a
 *     process
 */
function treesOf(string $folder): array
{
    /** @var array<string, array<string, list<Node>>> $parsed */
    static $parsed = [];
    if (isset($parsed[$folder])) {
        return $parsed[$folder];
    }
    $root = dirname(__DIR__, 2);
    $trees = [];
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS),
        ) as $file
    ) {
        if ($file->getExtension() === 'php') {
            $traverser = new NodeTraverser(new NameResolver());
            $tree =
                (new ParserFactory())
                    ->createForHostVersion()
                    ->parse((string) file_get_contents($file->getPathname())) ?? [];
            $trees[substr($file->getPathname(), strlen($root) + 1)] = $traverser->traverse($tree);
        }
    }
    ksort($trees);

    return $parsed[$folder] = $trees;
}

/** @return list<string> fully qualified class names that a tree names */
function classesIn(array $tree): array
{
    $finder = new NodeFinder();
    $functions = array_map(
        fn (Node\Expr\FuncCall $call): ?Node => $call->name instanceof Node\Name ? $call->name : null,
        $finder->findInstanceOf($tree, Node\Expr\FuncCall::class),
    );
    $constants = array_map(
        fn (Node\Expr\ConstFetch $fetch): Node => $fetch->name,
        $finder->findInstanceOf($tree, Node\Expr\ConstFetch::class),
    );
    $names = $finder->find(
        $tree,
        fn (Node $node): bool => $node instanceof Node\Name\FullyQualified &&
            ! in_array($node, [...$functions, ...$constants], true),
    );

    return array_values(array_unique(array_map(fn (Node $name): string => $name->toString(), $names)));
}

/** The storey of a core file or class: `Judgement` for core/Judgement/Method/Goal.php; empty at the root. */
function storeyOf(string $path): string
{
    $parts = preg_split('~[/\\\\]~', $path) ?: [];

    return count($parts) > 2 ? $parts[1] : '';
}

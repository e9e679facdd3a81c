<?php

declare(strict_types=1);

use PhpParser\Node;
use PhpParser\NodeFinder;

require_once __DIR__.'/trees.php';

it('has no sentence in the core but in what it refuses', function (): void {
    $finder = new NodeFinder();
    foreach (treesOf('core') as $path => $tree) {
        $texts = $finder->find(
            $tree,
            fn (Node $node): bool => $node instanceof Node\Scalar\String_ ||
                $node instanceof Node\InterpolatedStringPart,
        );
        $sentences = array_filter(
            array_map(fn (Node $text): string => $text->value, $texts),
            fn (string $text): bool => preg_match('/[a-z]+ [a-z]+ [a-z]+|^[A-Z][a-z]+ [a-z]+/', $text) === 1 &&
                preg_match('/^(Expected|There is|an? |A (rig|change) )/', $text) !== 1,
        );
        $refuses =
            str_contains($path, '/Exception/') ||
            str_starts_with($path, 'core/Proving/Simulation/') ||
            $finder->findFirst($tree, fn (Node $node): bool => $node instanceof Node\Expr\Throw_) !== null;

        expect($refuses ? [] : array_values($sentences))->toBe([], $path);
    }
});

it('asks the language files for no key that they have not', function (): void {
    $finder = new NodeFinder();
    $asked = 0;
    foreach (treesOf('app') as $path => $tree) {
        $calls = $finder->find(
            $tree,
            fn (Node $node): bool => $node instanceof Node\Expr\StaticCall &&
                $node->class instanceof Node\Name &&
                $node->class->getLast() === 'Text',
        );
        foreach ($calls as $call) {
            $key = $call->args[0]->value ?? null;
            if (! ($key instanceof Node\Scalar\String_)) {
                continue;
            }
            [$file, $at] = explode('.', $key->value, 2);
            $text = require dirname(__DIR__, 2)."/lang/en/{$file}.php";
            foreach (explode('.', $at) as $part) {
                $text = $text[$part] ?? null;
            }
            expect($text)->not->toBeNull("{$path}: {$key->value}");
            $asked++;
        }
    }
    expect($asked)->toBeGreaterThan(30);
});

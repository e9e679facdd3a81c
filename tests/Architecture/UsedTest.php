<?php

declare(strict_types=1);

/* Nothing stands in the product that nobody in it calls. */

/** @return array<string, string> the product's own files, by path */
function productFiles(): array
{
    $files = [];
    foreach (['core', 'app', 'bootstrap', 'routes', 'database', 'config', 'resources/views', 'bin'] as $folder) {
        $all = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2)."/{$folder}", FilesystemIterator::SKIP_DOTS),
        );
        foreach ($all as $file) {
            if ($file instanceof SplFileInfo && $file->isFile()) {
                $files["{$folder}/{$all->getSubPathname()}"] = (string) file_get_contents($file->getPathname());
            }
        }
    }

    return $files;
}

it('has no public method that nothing in the product names', function (): void {
    // Called by the framework.
    $called = ['register', 'boot', 'messages', 'rules', 'authorize', 'envelope', 'content', 'handle', 'build'];
    $files = productFiles();
    $said = array_fill_keys($called, true);
    foreach ($files as $text) {
        preg_match_all('/(?:->|::)(\w+)|,\s*\'(\w+)\'\s*\]/', $text, $names);
        $said += array_fill_keys(array_filter([...$names[1], ...$names[2]]), true);
    }
    $dead = [];
    $seen = 0;
    foreach ($files as $path => $text) {
        if (preg_match('~^(core|app)/~', $path) !== 1) {
            continue;
        }
        preg_match_all('/public (?:static )?function (\w+)\(/', $text, $methods);
        foreach ($methods[1] as $method) {
            $seen++;
            $dead =
                isset($said[$method]) || str_starts_with($method, '__') ? $dead : [...$dead, "{$path}: {$method}"];
        }
    }

    expect($dead)->toBe([])->and($seen)->toBeGreaterThan(3000);
});

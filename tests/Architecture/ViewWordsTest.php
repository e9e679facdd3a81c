<?php

declare(strict_types=1);

use Illuminate\Support\Arr;

require_once __DIR__.'/trees.php';

/** @return array<string, string> path => the view's text once markup, what is echoed and what directs is gone */
function bareTexts(): array
{
    $bare = [];
    $views = new RecursiveIteratorIterator(
        new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/resources/views', FilesystemIterator::SKIP_DOTS),
    );
    foreach ($views as $file) {
        $text = (string) file_get_contents((string) $file);
        foreach (
            [
                '/\{\{--.*?--\}\}/s',
                '/\{\{.*?\}\}/s',
                '/\{!!.*?!!\}/s',
                '/@[a-zA-Z]+\s*(\((?:[^()]++|(?1))*+\))/s',
                '/@[a-zA-Z]+/',
            ] as $blade
        ) {
            $text = (string) preg_replace($blade, ' ', $text);
        }
        $bare[(string) $file] = trim(
            (string) preg_replace(['/="[^"]*"/s', '/<[a-zA-Z\/!\s][^>]*>/s', '/&\w+;/', '/\s+/'], ' ', $text),
        );
    }

    return $bare;
}

it('has no text in a view: pages take theirs from the language files', function (): void {
    $views = bareTexts();
    expect(count($views))->toBeGreaterThan(90);
    foreach ($views as $path => $text) {
        expect(preg_replace('/Ivy Yoke/', '', $text))->not->toMatch('/[A-Za-z]{2,}/', $path);
    }
});

it('speaks no attribute of a view that is not asked of the language files', function (): void {
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/resources/views', FilesystemIterator::SKIP_DOTS),
        ) as $file
    ) {
        preg_match_all(
            '/\s(?:aria-label|title|label|hint|placeholder|alt)="([^"{$:]*[A-Za-z]{2,}[^"]*)"/',
            (string) file_get_contents((string) $file),
            $found,
        );
        expect($found[1])->toBe([], (string) $file);
    }
});

it('asks for no text of a page that there is not, and keeps none that nobody asks for', function (): void {
    $views = '';
    foreach (
        new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/resources/views', FilesystemIterator::SKIP_DOTS),
        ) as $file
    ) {
        $views .= file_get_contents((string) $file);
    }
    preg_match_all("/(?:__|trans_choice)\\('(page\\/[\\w-]+)\\.([\\w.-]+)'/", $views, $asked);
    $has = [];
    foreach (glob(dirname(__DIR__, 2).'/lang/en/page/*.php') ?: [] as $file) {
        foreach (array_keys(Arr::dot(require $file)) as $key) {
            $has[] = 'page/'.basename($file, '.php').'.'.$key;
        }
    }
    $asks = array_values(
        array_unique(
            array_map(static fn (string $group, string $key): string => "{$group}.{$key}", $asked[1], $asked[2]),
        ),
    );
    expect(count($asks))
        ->toBeGreaterThan(300)
        ->and(array_values(array_diff($asks, $has)))
        ->toBe([])
        ->and(array_values(array_diff($has, $asks)))
        ->toBe([]);
});

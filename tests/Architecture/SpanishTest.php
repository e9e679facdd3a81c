<?php

declare(strict_types=1);

use Illuminate\Support\Arr;

/** @return array<string, string> all texts of a language, by file and key */
function textsIn(string $language): array
{
    $folder = dirname(__DIR__, 2)."/lang/{$language}";
    $texts = [];
    foreach ([...glob("{$folder}/*.php") ?: [], ...glob("{$folder}/*/*.php") ?: []] as $file) {
        $texts += Arr::dot(require $file, substr($file, strlen($folder) + 1, -4).':');
    }

    return $texts;
}

/** @return list<string> what a text leaves open, once each */
function openPlaces(string $text): array
{
    preg_match_all('/:[A-Za-z_]+\d?/', $text, $found);
    /* An article in front, which Spanish writes out: its gender follows the noun. */
    $places = array_values(array_diff(array_unique(array_map(strtolower(...), $found[0])), [':the']));
    sort($places);

    return $places;
}

it('has every text in Spanish that it has in English, and no other', function (): void {
    // The general words that a family has others for are each language's own.
    $keys = fn (string $language): array => array_values(
        preg_grep('~^family/[a-z-]+:terms\.~', array_keys(textsIn($language)), PREG_GREP_INVERT) ?: [],
    );

    expect($keys('es'))->toBe($keys('en'));
});

it('leaves the same places open in both languages, and has as many plurals', function (): void {
    $spanish = textsIn('es');
    $differ = [];
    foreach (textsIn('en') as $key => $text) {
        if (
            isset($spanish[$key]) &&
            (openPlaces($text) !== openPlaces($spanish[$key]) ||
                substr_count($text, '|') !== substr_count($spanish[$key], '|'))
        ) {
            $differ[] = $key;
        }
    }

    expect($differ)->toBe([]);
});

it('leaves no sentence in English', function (): void {
    $spanish = textsIn('es');
    $same = array_filter(
        textsIn('en'),
        fn (string $text, string $key): bool => ($spanish[$key] ?? null) === $text &&
            preg_match('/[a-z]+ [a-z]+/', (string) preg_replace('/:[A-Za-z_]+/', '', $text)) === 1,
        ARRAY_FILTER_USE_BOTH,
    );

    expect($same)->toBe([]);
});

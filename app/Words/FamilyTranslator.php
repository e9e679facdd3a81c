<?php

declare(strict_types=1);

namespace App\Words;

use Closure;
use Illuminate\Translation\Translator;
use Yoke\Rig\Family\HitchFamily;

/**
 * The language files as the people of one family of hitches say them: its own file tells which general words it has
 * others
 * for (`terms`), and which whole texts it says otherwise (`instead`, by key).
 */
final class FamilyTranslator extends Translator
{
    /** @var array<string, string> by general word, lower case */
    private array $terms = [];

    /** @var array<string, string|list<string>> by key of the text */
    private array $instead = [];

    private string $pattern = '';

    private ?HitchFamily $family = null;

    public static function of(Translator $translator): self
    {
        $words = new self($translator->getLoader(), $translator->getLocale());
        $words->setFallback($translator->getFallback());

        return $words;
    }

    /** Null: no family in particular. */
    public function speakOf(?HitchFamily $family): void
    {
        $this->family = $family;
        [$this->terms, $this->instead] = [[], []];
        $file = $family === null ? [] : parent::get("family/{$family->key()}");
        if (is_array($file)) {
            [$this->terms, $this->instead] = [$file['terms'] ?? [], $file['instead'] ?? []];
            $this->pattern =
                '/(?<![\w:-])(?<!friction )(?:'.
                implode(
                    '|',
                    array_map(static fn (string $word): string => preg_quote($word, '/'), array_keys($this->terms)),
                ).
                ')(?![\w-])/iu';
        }
    }

    /** @param  string  $locale */
    public function setLocale($locale): void
    {
        parent::setLocale($locale);
        $this->speakOf($this->family);
    }

    /**
     * @param  string  $key
     * @param  array<string, mixed>  $replace
     * @param  string|null  $locale
     * @param  bool  $fallback
     * @return array<array-key, mixed>|string
     */
    public function get($key, array $replace = [], $locale = null, $fallback = true)
    {
        $instead = $this->instead[$key] ?? null;
        if (str_starts_with((string) $key, 'family/')) {
            return $this->inPlainWords(fn (): array|string => parent::get($key, $replace, $locale, $fallback));
        }

        return match (true) {
            is_string($instead) => $this->makeReplacements($instead, $replace),
            is_array($instead) => array_map(
                fn (string $line): string => $this->makeReplacements($line, $replace),
                $instead,
            ),
            default => parent::get($key, $replace, $locale, $fallback),
        };
    }

    /**
     * @param  mixed  $line
     * @param  array<string, mixed>  $replace
     * @return mixed
     */
    protected function makeReplacements($line, array $replace)
    {
        return parent::makeReplacements(
            $this->terms === [] || ! is_string($line) ? $line : $this->inItsTerms($line),
            $replace,
        );
    }

    /**
     * A family's own file says everything as its people do.
     *
     * @param  Closure(): (array<array-key, mixed>|string)  $say
     * @return array<array-key, mixed>|string
     */
    private function inPlainWords(Closure $say): array|string
    {
        $terms = $this->terms;
        $this->terms = [];
        try {
            return $say();
        } finally {
            $this->terms = $terms;
        }
    }

    private function inItsTerms(string $line): string
    {
        return (string) preg_replace_callback(
            $this->pattern,
            function (array $found): string {
                $term = $this->terms[mb_strtolower($found[0])];

                $first = mb_substr($found[0], 0, 1);

                return $first !== mb_strtolower($first)
                    ? mb_strtoupper(mb_substr($term, 0, 1)).mb_substr($term, 1)
                    : $term;
            },
            $line,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Foundation\Units\Term;

/** What the terms of a derivation are called, with the figures that they hang on. */
final readonly class TermWords
{
    public function __construct(private SettingWords $settings, private QuantityWords $print)
    {
    }

    public function says(Term $term): string
    {
        [$kind, $of] = explode('.', $term->of, 2) + ['', ''];

        return match ($kind) {
            'adjuster' => Text::of('term.adjuster', ['adjuster' => ucfirst($this->settings->one($of))]),
            'doubt' => Text::of('term.doubt', ['parameter' => Text::of("term.parameter.{$of}")]),
            default => Text::of("term.{$term->of}", $this->figures($term)),
        };
    }

    /** @return array<string, string> */
    private function figures(Term $term): array
    {
        $figures = [];
        foreach ($term->with as $key => $figure) {
            $figures[$key] = match (true) {
                $key === 'share' => (string) round(100 * (float) $figure),
                $key === 'rate' => $this->print->springs((float) $figure),
                default => (string) $figure,
            };
        }

        return $figures;
    }
}

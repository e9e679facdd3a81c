<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Units\Term;

/** What the terms of a derivation are called: those that the core names by a key. */
final readonly class TermWords
{
    public function __construct(private SettingWords $settings)
    {
    }

    public function says(Term $term): string
    {
        [$kind, $of] = explode('.', $term->says, 2) + ['', ''];

        return match ($kind) {
            'middle_setting', 'restored' => Text::of("term.{$kind}"),
            'adjuster' => Text::of('term.adjuster', ['adjuster' => ucfirst($this->settings->one($of))]),
            'doubt' => Text::of('term.doubt', ['parameter' => Text::of("term.parameter.{$of}")]),
            default => $term->says,
        };
    }
}

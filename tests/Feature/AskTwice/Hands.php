<?php

declare(strict_types=1);

namespace Tests\Feature\AskTwice;

use DOMDocument;
use DOMXPath;

/**
 * What a page tells the hand to do now: where it says it (the move, the next thing, what stands out), and in how far two
 * of these ask for different things.
 */
final readonly class Hands
{
    /** What is asked for, by the words that ask. */
    private const ASKS = [
        'stop' => '/\bStop here\b|\bleave the screw\b/u',
        'set' => '/\b(?:looser|tighter)\b(?!,? \d)|\b(?:raise|lower) the head\b|\bHook up at\b/u',
        'measure alone' => '/\b[Mm]easure (?:the vehicle )?alone\b/u',
        'measure dropped' => '/\b[Mm]easure dropped\b/u',
        'measure carried' => '/\b[Mm]easure carried\b/u',
    ];

    /** How much is left of an adjuster asks for nothing. */
    private const ROOM = '/Left for a load that changes:[^.]*\./u';

    /** What may stand together: hooking up somewhere ends in measuring carried; dropped, then alone is one way. */
    private const TOGETHER = [
        ['set', 'measure carried'],
        ['measure dropped', 'measure alone'],
    ];

    /** @return list<string> pairs of sentences that ask for different things */
    public static function pulledApart(string $html): array
    {
        $page = new DOMDocument();
        @$page->loadHTML('<?xml encoding="UTF-8">'.$html);
        $asked = [];
        foreach ((new DOMXPath($page))->query("//*[contains(concat(' ', @class, ' '), ' do-next ') or @data-move or @data-next-thing]") ?: [] as $one) {
            $says = trim((string) preg_replace(
                ['/\s+/u', self::ROOM],
                [' ', ''],
                $one->textContent,
            ));
            foreach (self::ASKS as $what => $words) {
                if (preg_match($words, $says) === 1) {
                    $asked[$what] ??= $says;
                }
            }
        }
        $apart = [];
        $kinds = array_keys($asked);
        foreach ($kinds as $i => $one) {
            foreach (array_slice($kinds, $i + 1) as $other) {
                if (
                    $asked[$one] !== $asked[$other] &&
                    ! in_array([$one, $other], self::TOGETHER, true) &&
                    ! in_array([$other, $one], self::TOGETHER, true)
                ) {
                    $apart[] = "'{$asked[$one]}' and '{$asked[$other]}'";
                }
            }
        }

        return $apart;
    }
}

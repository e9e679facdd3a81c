<?php

declare(strict_types=1);

namespace Tests\Feature\AskTwice;

use DOMDocument;
use DOMElement;
use DOMXPath;

/**
 * What was answered to each question about one job, by whom: pages by their marked figures, files and interface by
 * their fields.
 */
final class Answers
{
    /** @var array<string, array<string, list<string>>> by question, by who answered it */
    private array $answers = [];

    /** Takes the figures that a page marks. */
    public function page(string $where, string $html, ?int $ofJob = null): void
    {
        $page = new DOMDocument();
        @$page->loadHTML('<?xml encoding="UTF-8">'.$html);
        $path = new DOMXPath($page);
        $within = $ofJob === null ? '' : "//*[@data-of-job='{$ofJob}']";
        foreach ($path->query("{$within}//*[@data-figure]") ?: [] as $figure) {
            if ($figure instanceof DOMElement) {
                $this->take($where, $figure->getAttribute('data-figure'), $this->said($path, $figure));
            }
        }
    }

    public function take(string $where, string $question, string $answer): void
    {
        $answer = mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $answer), " .\u{a0}"));
        if ($answer !== '' && ! in_array($answer, $this->answers[$question][$where] ?? [], true)) {
            $this->answers[$question][$where][] = $answer;
        }
    }

    /** @return list<string> pairs that differ, each in a line */
    public function differing(): array
    {
        $pairs = [];
        foreach ($this->answers as $question => $by) {
            $all = [];
            foreach ($by as $where => $answers) {
                foreach ($answers as $answer) {
                    $all[] = [$where, $answer];
                }
            }
            foreach ($all as $i => [$where, $answer]) {
                foreach (array_slice($all, $i + 1) as [$elsewhere, $other]) {
                    $pairs =
                        $answer === $other
                            ? $pairs
                            : [...$pairs, "{$question}: {$where} says '{$answer}', {$elsewhere} '{$other}'"];
                }
            }
        }

        return $pairs;
    }

    /** How many questions two or more answered. */
    public function askedTwice(): int
    {
        return count(array_filter($this->answers, static fn (array $by): bool => count($by) > 1));
    }

    /** A rated load by its state and what it carries; anything else by its text. */
    private function said(DOMXPath $path, DOMElement $figure): string
    {
        if (! $figure->hasAttribute('data-state')) {
            return $figure->textContent;
        }
        $carries = $path->query('.//*[@data-carries]', $figure);

        return $figure->getAttribute('data-state').
            ', '.
            ($carries === false ? '' : (string) $carries->item(0)?->textContent);
    }
}

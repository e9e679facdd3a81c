<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Probability\Normal;

/** What one method says: value with doubt, chances, verdict, and one sentence of advice. */
final readonly class Judgement
{
    private function __construct(
        public string $method,
        public Verdict $verdict,
        /** One sentence, in the person's units. */
        public string $advice,
        /** The method's quantity in its own unit: a share for restoration, mm for squat. Null when it cannot be told. */
        public ?Normal $value,
        /** The value with its doubt as printed, or an empty text. */
        public string $printed,
        public ?Chances $chances,
    ) {
    }

    public static function waiting(string $method, string $advice): self
    {
        return new self($method, Verdict::Waiting, $advice, null, '', null);
    }

    /** No value worth printing; the chances may still be sure enough for a verdict. */
    public static function unreadable(string $method, string $advice, ?Chances $chances = null): self
    {
        return new self($method, $chances?->verdict() ?? Verdict::CannotTell, $advice, null, '', $chances);
    }

    public static function of(string $method, string $advice, Normal $value, string $printed, Chances $chances): self
    {
        return new self($method, $chances->verdict(), $advice, $value, $printed, $chances);
    }
}

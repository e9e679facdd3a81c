<?php

declare(strict_types=1);

namespace Yoke\Ratings;

use Yoke\Units\Load;
use Yoke\Units\LoadUnit;
use Yoke\Units\Term;

/** One line of the ledger: what something carries, and what it may, or has to. */
final readonly class RatedLoad
{
    /** @param  list<Term>  $terms */
    private function __construct(
        /** What it is, lower case: `rear axle, dropped`. */
        public string $what,
        public Load $carries,
        /** Null while its rating is not known. */
        public ?Load $may,
        /** The field that would tell the rating. */
        public string $unlockedBy,
        /** 1 where the rating is the most it may carry, -1 where it is the least it has to. */
        private int $sense,
        /** Where the load comes from; they add up to it. Empty where it was weighed as it is. */
        public array $terms,
    ) {
    }

    public static function atMost(string $what, Load $carries, ?Load $may, string $unlockedBy, Term ...$terms): self
    {
        return new self($what, $carries, $may, $unlockedBy, 1, array_values($terms));
    }

    public static function atLeast(string $what, Load $carries, ?Load $has, string $unlockedBy, Term ...$terms): self
    {
        return new self($what, $carries, $has, $unlockedBy, -1, array_values($terms));
    }

    /** What is left; negative when it is outside. Null while the rating is not known. */
    public function margin(): ?Load
    {
        return $this->may?->minus($this->carries)->times($this->sense);
    }

    public function isOutside(): bool
    {
        return $this->margin()?->isNegative() ?? false;
    }

    /** A sentence on a load that is outside its rating; an empty text on one that is not. */
    public function complaint(LoadUnit $unit): string
    {
        if ($this->may === null || ! $this->isOutside()) {
            return '';
        }
        $loads = "{$unit->nearest($this->carries)} of {$unit->nearest($this->may)}";

        return $this->sense > 0 ? "Over its rating: {$this->what}, {$loads}." : "Below its range: {$this->what}, {$loads}.";
    }
}

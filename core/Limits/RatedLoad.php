<?php

declare(strict_types=1);

namespace Yoke\Limits;

use Yoke\Measure\Load;

/** One line of the ledger: what something carries, and what it may. */
final readonly class RatedLoad
{
    private function __construct(
        /** What it is, lower case: `rear axle, dropped`. */
        public string $what,
        public Load $carries,
        /** Null while its rating is not known. */
        public ?Load $may,
        /** The field that would tell the rating. */
        public string $unlockedBy,
    ) {
    }

    public static function of(string $what, Load $carries, ?Load $may, string $unlockedBy): self
    {
        return new self($what, $carries, $may, $unlockedBy);
    }

    /** What is left; negative when over. Null while the rating is not known. */
    public function margin(): ?Load
    {
        return $this->may?->minus($this->carries);
    }

    public function isOver(): bool
    {
        return $this->margin()?->isNegative() ?? false;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Planning;

use Yoke\Units\Angle;
use Yoke\Units\Length;

/** One thing looked at, how it stands, and what to do where it does not hold. */
final readonly class Check
{
    private function __construct(
        public string $what,
        /** A bare number is a share. */
        public Angle|Length|float $stands,
        /** Empty where it holds. */
        public string $remedy,
    ) {
    }

    public static function passed(string $what, Angle|Length|float $stands): self
    {
        return new self($what, $stands, '');
    }

    public static function failed(string $what, Angle|Length|float $stands, string $remedy): self
    {
        return new self($what, $stands, $remedy);
    }

    public function holds(): bool
    {
        return $this->remedy === '';
    }
}

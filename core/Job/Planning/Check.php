<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;

/** One thing looked at, and how it stands. */
final readonly class Check
{
    private function __construct(
        public CheckKind $kind,
        public Angle|Length|float $stands,
        /** Whether anybody read it; else the model says it of what was read. */
        public bool $isMeasured,
    ) {
    }

    /** @param  Angle|Length|float  $stands  a bare number is a share */
    public static function of(CheckKind $kind, Angle|Length|float $stands): self
    {
        return new self($kind, $stands, false);
    }

    public function holds(): bool
    {
        return $this->kind->holds();
    }

    /** A tick means measured and good. */
    public function isTicked(): bool
    {
        return $this->isMeasured && $this->holds() && ! $this->kind->isCaution();
    }

    public function asMeasured(): self
    {
        return new self($this->kind, $this->stands, true);
    }
}

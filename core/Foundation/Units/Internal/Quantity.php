<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Internal;

use Yoke\Foundation\Units\Exception\NotFinite;

/**
 * What all one-dimensional quantities share. The quantity that uses it names its canonical unit.
 */
trait Quantity
{
    /** @param  float  $canonical the amount in the canonical unit; any sign, always finite */
    private function __construct(private readonly float $canonical)
    {
        if (! is_finite($canonical)) {
            throw NotFinite::in(self::class);
        }
    }

    public static function zero(): self
    {
        return new self(0.0);
    }

    public function plus(self $other): self
    {
        return new self($this->canonical + $other->canonical);
    }

    public function minus(self $other): self
    {
        return new self($this->canonical - $other->canonical);
    }

    public function times(float $factor): self
    {
        return new self($this->canonical * $factor);
    }

    public function negated(): self
    {
        return new self(-$this->canonical);
    }

    public function absolute(): self
    {
        return new self(abs($this->canonical));
    }

    public function isLessThan(self $other): bool
    {
        return $this->canonical < $other->canonical;
    }

    public function isGreaterThan(self $other): bool
    {
        return $this->canonical > $other->canonical;
    }

    public function isNegative(): bool
    {
        return $this->canonical < 0.0;
    }
}

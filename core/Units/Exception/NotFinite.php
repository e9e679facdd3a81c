<?php

declare(strict_types=1);

namespace Yoke\Units\Exception;

use DomainException;
use Yoke\CoreException;

final class NotFinite extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $quantity)
    {
        parent::__construct($message);
    }

    /** @param  class-string  $quantity */
    public static function in(string $quantity): self
    {
        return new self('Expected a finite number for a quantity, and got one without end.', $quantity);
    }

    public function quantity(): string
    {
        return $this->quantity;
    }
}

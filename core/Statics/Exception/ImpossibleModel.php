<?php

declare(strict_types=1);

namespace Yoke\Statics\Exception;

use DomainException;
use Yoke\CoreException;

final class ImpossibleModel extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $quantity)
    {
        parent::__construct($message);
    }

    /** @param  string  $quantity the constructor's parameter at fault: `wheelbase` */
    public static function at(string $quantity, string $expected): self
    {
        return new self($expected, $quantity);
    }

    public function quantity(): string
    {
        return $this->quantity;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class NotFinite extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $quantity)
    {
        parent::__construct($expected->text());
    }

    /** @param  class-string  $quantity */
    public static function in(string $quantity): self
    {
        return new self(Expected::of('quantity.not_finite'), $quantity);
    }

    public function quantity(): string
    {
        return $this->quantity;
    }
}

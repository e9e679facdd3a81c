<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Exception;

use InvalidArgumentException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class UnreadableQuantity extends InvalidArgumentException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $typed)
    {
        parent::__construct($expected->text());
    }

    public static function pressure(string $typed): self
    {
        return new self(Expected::of('quantity.pressure'), $typed);
    }

    public static function rate(string $typed): self
    {
        return new self(Expected::of('quantity.rate'), $typed);
    }

    public static function torque(string $typed): self
    {
        return new self(Expected::of('quantity.torque'), $typed);
    }

    public function typed(): string
    {
        return $this->typed;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Units\Exception;

use InvalidArgumentException;
use Yoke\CoreException;

final class UnreadableQuantity extends InvalidArgumentException implements CoreException
{
    private function __construct(string $message, private readonly string $typed)
    {
        parent::__construct($message);
    }

    public static function pressure(string $typed): self
    {
        return new self('This does not read as a pressure. Expected something like 240 kPa, 35 psi or 2.4 bar.', $typed);
    }

    public static function rate(string $typed): self
    {
        return new self('Expected the rate of a spring, such as 5.9 kg/mm or 330 lb/in.', $typed);
    }

    public static function torque(string $typed): self
    {
        return new self('This does not read as a torque. Expected something like 180 N·m or 130 lb·ft.', $typed);
    }

    public function typed(): string
    {
        return $this->typed;
    }
}

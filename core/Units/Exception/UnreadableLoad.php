<?php

declare(strict_types=1);

namespace Yoke\Units\Exception;

use InvalidArgumentException;
use Yoke\CoreException;

final class UnreadableLoad extends InvalidArgumentException implements CoreException
{
    private function __construct(string $message, private readonly string $typed)
    {
        parent::__construct($message);
    }

    public static function empty(): self
    {
        return new self('Nothing is typed here yet. Expected a weight such as 3100 kg or 6800 lb.', '');
    }

    public static function text(string $typed): self
    {
        return new self('This does not read as a weight. Expected something like 3100 kg, 3.1 t or 6800 lb.', $typed);
    }

    public function typed(): string
    {
        return $this->typed;
    }
}

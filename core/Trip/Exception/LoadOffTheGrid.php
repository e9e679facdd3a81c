<?php

declare(strict_types=1);

namespace Yoke\Trip\Exception;

use OutOfRangeException;
use Yoke\CoreException;

final class LoadOffTheGrid extends OutOfRangeException implements CoreException
{
    private function __construct(string $message, private readonly string $axis, private readonly int $least, private readonly int $most)
    {
        parent::__construct($message);
    }

    public static function of(string $axis, int $least, int $most): self
    {
        return new self("Expected from {$least} to {$most}: other loads were not worked out.", $axis, $least, $most);
    }

    public function axis(): string
    {
        return $this->axis;
    }

    public function least(): int
    {
        return $this->least;
    }

    public function most(): int
    {
        return $this->most;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Foundation\Units\Exception;

use InvalidArgumentException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class UnreadableLoad extends InvalidArgumentException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $typed)
    {
        parent::__construct($expected->text());
    }

    public static function empty(): self
    {
        return new self(Expected::of('load.empty'), '');
    }

    public static function text(string $typed): self
    {
        return new self(Expected::of('load.unreadable'), $typed);
    }

    public function typed(): string
    {
        return $this->typed;
    }
}

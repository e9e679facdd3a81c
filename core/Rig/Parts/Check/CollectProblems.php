<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts\Check;

use Yoke\Expected;

/** Keeps the first problem of each field. */
final class CollectProblems implements Problems
{
    /** @var array<string, Expected> */
    private array $found = [];

    public function found(string $field, Expected $expected): void
    {
        $this->found[$field] ??= $expected;
    }

    public function isEmpty(): bool
    {
        return $this->found === [];
    }

    /** @return array<string, Expected> by field */
    public function all(): array
    {
        return $this->found;
    }
}

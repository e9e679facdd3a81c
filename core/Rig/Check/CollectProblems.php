<?php

declare(strict_types=1);

namespace Yoke\Rig\Check;

/** Keeps the first sentence for each field. */
final class CollectProblems implements Problems
{
    /** @var array<string, string> */
    private array $sentences = [];

    public function found(string $field, string $expected): void
    {
        $this->sentences[$field] ??= $expected;
    }

    /** @return array<string, string> field => sentence */
    public function sentences(): array
    {
        return $this->sentences;
    }
}

<?php

declare(strict_types=1);

namespace App\Interchange;

use RuntimeException;

/** A file of the interchange format is not as its README says; names the field. */
final class BadField extends RuntimeException
{
    private function __construct(public readonly string $field, string $expected)
    {
        parent::__construct("{$field}: {$expected}");
    }

    public static function at(string $field, string $expected): self
    {
        return new self($field, $expected);
    }
}

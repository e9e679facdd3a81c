<?php

declare(strict_types=1);

namespace Yoke\Rig\Exception;

use DomainException;
use Yoke\CoreException;

final class ImpossibleRig extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $field)
    {
        parent::__construct($message);
    }

    public static function at(string $field, string $expected): self
    {
        return new self($expected, $field);
    }

    /** The quantity at fault, as its column is named without the unit. */
    public function field(): string
    {
        return $this->field;
    }
}

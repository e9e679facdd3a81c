<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class ImpossibleRig extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $field)
    {
        parent::__construct($expected->text());
    }

    public static function at(string $field, Expected $expected): self
    {
        return new self($expected, $field);
    }

    /** The quantity at fault, as its column is named without the unit. */
    public function field(): string
    {
        return $this->field;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Family\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class UnknownFamily extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $family)
    {
        parent::__construct($expected->text());
    }

    /** @param  non-empty-list<string>  $known */
    public static function named(string $family, array $known): self
    {
        return new self(Expected::of('family.unknown', ['known' => implode(', ', $known)]), $family);
    }

    public function family(): string
    {
        return $this->family;
    }
}

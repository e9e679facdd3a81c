<?php

declare(strict_types=1);

namespace Yoke\Family\Exception;

use DomainException;
use Yoke\CoreException;

final class UnknownFamily extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $family)
    {
        parent::__construct($message);
    }

    /** @param  non-empty-list<string>  $known */
    public static function named(string $family, array $known): self
    {
        return new self('Expected a hitch family, one of '.implode(', ', $known).'.', $family);
    }

    public function family(): string
    {
        return $this->family;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Choice\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Units\Load;

final class ImpossibleBars extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly Load $lightest, private readonly Load $heaviest)
    {
        parent::__construct($message);
    }

    public static function between(Load $lightest, Load $heaviest): self
    {
        return new self('Expected bars whose heaviest tongue weight is above their lightest, and above nothing.', $lightest, $heaviest);
    }

    public function lightest(): Load
    {
        return $this->lightest;
    }

    public function heaviest(): Load
    {
        return $this->heaviest;
    }
}

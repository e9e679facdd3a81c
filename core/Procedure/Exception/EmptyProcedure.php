<?php

declare(strict_types=1);

namespace Yoke\Procedure\Exception;

use LogicException;
use Yoke\CoreException;
use Yoke\Procedure\Occasion;

/** The file of procedures has nothing for an occasion. */
final class EmptyProcedure extends LogicException implements CoreException
{
    private function __construct(string $message, private readonly Occasion $occasion)
    {
        parent::__construct($message);
    }

    public static function of(Occasion $occasion): self
    {
        return new self("Expected steps to {$occasion->value}, and there are none.", $occasion);
    }

    public function occasion(): Occasion
    {
        return $this->occasion;
    }
}

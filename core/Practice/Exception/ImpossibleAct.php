<?php

declare(strict_types=1);

namespace Yoke\Practice\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Practice\Act\Refusal;

/** Something that cannot be done at a rig as it stands. */
final class ImpossibleAct extends DomainException implements CoreException
{
    private function __construct(
        /** Null where what was asked for is no act at all. */
        public readonly ?Refusal $refusal,
        string $message,
    ) {
        parent::__construct($message);
    }

    public static function refused(Refusal $refusal): self
    {
        return new self($refusal, "Cannot be done: {$refusal->value}.");
    }

    public static function unreadable(): self
    {
        return new self(null, 'Expected something that can be done at a rig.');
    }
}

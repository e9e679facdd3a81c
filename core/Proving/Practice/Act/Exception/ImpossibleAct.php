<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Act\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;
use Yoke\Proving\Practice\Act\Refusal;

/** Something that cannot be done at a rig as it stands. */
final class ImpossibleAct extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(
        /** Null where what was asked for is no act at all. */
        public readonly ?Refusal $refusal,
        private readonly Expected $expected,
    ) {
        parent::__construct($expected->text());
    }

    public static function refused(Refusal $refusal): self
    {
        return new self($refusal, Expected::of('exercise.refused', ['why' => $refusal]));
    }

    public static function unreadable(): self
    {
        return new self(null, Expected::of('exercise.no_act'));
    }
}

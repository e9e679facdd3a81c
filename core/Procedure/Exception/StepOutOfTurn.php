<?php

declare(strict_types=1);

namespace Yoke\Procedure\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Procedure\Step;

/** A step taken before its turn, twice, or left out though it must be done. */
final class StepOutOfTurn extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $step)
    {
        parent::__construct($message);
    }

    public static function of(string $step): self
    {
        return new self('That step is not the one whose turn it is: somebody has gone on, or back, in the meantime. Here is where it stands.', $step);
    }

    public static function mustBeDone(Step $step): self
    {
        return new self('This step is never left out.', $step->key);
    }

    public function step(): string
    {
        return $this->step;
    }
}

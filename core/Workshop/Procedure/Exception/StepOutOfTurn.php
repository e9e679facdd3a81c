<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;
use Yoke\Workshop\Procedure\Step;

/** A step taken before its turn, twice, or left out though it must be done. */
final class StepOutOfTurn extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $step)
    {
        parent::__construct($expected->text());
    }

    public static function of(string $step): self
    {
        return new self(Expected::of('procedure.out_of_turn'), $step);
    }

    public static function mustBeDone(Step $step): self
    {
        return new self(Expected::of('procedure.must_be_done'), $step->key);
    }

    public function step(): string
    {
        return $this->step;
    }
}

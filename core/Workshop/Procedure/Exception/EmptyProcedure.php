<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure\Exception;

use LogicException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;
use Yoke\Workshop\Procedure\Occasion;

/** The file of procedures has nothing for an occasion. */
final class EmptyProcedure extends LogicException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly Occasion $occasion)
    {
        parent::__construct($expected->text());
    }

    public static function of(Occasion $occasion): self
    {
        return new self(Expected::of('procedure.empty'), $occasion);
    }

    public function occasion(): Occasion
    {
        return $this->occasion;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts\Check;

use Yoke\Expected;
use Yoke\Rig\Parts\Exception\ImpossibleRig;

final readonly class ThrowFirstProblem implements Problems
{
    public function found(string $field, Expected $expected): void
    {
        throw ImpossibleRig::at($field, $expected);
    }
}

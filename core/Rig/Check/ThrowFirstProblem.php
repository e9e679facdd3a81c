<?php

declare(strict_types=1);

namespace Yoke\Rig\Check;

use Yoke\Rig\Exception\ImpossibleRig;

final readonly class ThrowFirstProblem implements Problems
{
    public function found(string $field, string $expected): void
    {
        throw ImpossibleRig::at($field, $expected);
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts\Check;

use Yoke\Expected;

/**
 * What becomes of a problem that a check finds: a form collects them all, the core throws the first.
 */
interface Problems
{
    /**
     * @param  string  $field  the quantity at fault, as its column is named without the unit: `wheelbase`
     */
    public function found(string $field, Expected $expected): void;
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Family\Internal;

use Yoke\Rig\Family\Wording;

/** The wording of a family stands in the data file that bears its key. */
trait WordedInFile
{
    abstract public function key(): string;

    public function wording(): Wording
    {
        return Wording::in($this->key());
    }
}

<?php

declare(strict_types=1);

namespace Yoke;

/** For an exception that was made with what was expected instead. */
trait Expecting
{
    public function expected(): Expected
    {
        return $this->expected;
    }
}

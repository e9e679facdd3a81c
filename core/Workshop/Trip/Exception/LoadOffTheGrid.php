<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip\Exception;

use OutOfRangeException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class LoadOffTheGrid extends OutOfRangeException implements CoreException
{
    use Expecting;

    private function __construct(
        private readonly Expected $expected,
        private readonly string $axis,
        private readonly int $least,
        private readonly int $most,
    ) {
        parent::__construct($expected->text());
    }

    public static function of(string $axis, int $least, int $most): self
    {
        return new self(Expected::of('trip.off_the_grid', ['least' => $least, 'most' => $most]), $axis, $least, $most);
    }

    public function axis(): string
    {
        return $this->axis;
    }

    public function least(): int
    {
        return $this->least;
    }

    public function most(): int
    {
        return $this->most;
    }
}

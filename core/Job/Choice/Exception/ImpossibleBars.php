<?php

declare(strict_types=1);

namespace Yoke\Job\Choice\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;
use Yoke\Foundation\Units\Load;

final class ImpossibleBars extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(
        private readonly Expected $expected,
        private readonly Load $lightest,
        private readonly Load $heaviest,
    ) {
        parent::__construct($expected->text());
    }

    public static function between(Load $lightest, Load $heaviest): self
    {
        return new self(Expected::of('choice.bars'), $lightest, $heaviest);
    }

    public function lightest(): Load
    {
        return $this->lightest;
    }

    public function heaviest(): Load
    {
        return $this->heaviest;
    }
}

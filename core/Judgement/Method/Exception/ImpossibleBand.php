<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class ImpossibleBand extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(
        private readonly Expected $expected,
        private readonly float $from,
        private readonly float $to,
    ) {
        parent::__construct($expected->text());
    }

    public static function between(float $from, float $to): self
    {
        return new self(Expected::of('band.between'), $from, $to);
    }

    public function from(): float
    {
        return $this->from;
    }

    public function to(): float
    {
        return $this->to;
    }
}

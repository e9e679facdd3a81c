<?php

declare(strict_types=1);

namespace Yoke\Method\Exception;

use DomainException;
use Yoke\CoreException;

final class ImpossibleBand extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly float $from, private readonly float $to)
    {
        parent::__construct($message);
    }

    public static function between(float $from, float $to): self
    {
        return new self('Expected a band that rises and lies between 0 and 100 %: the front axle never goes above its alone load.', $from, $to);
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

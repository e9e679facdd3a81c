<?php

declare(strict_types=1);

namespace Yoke\Adjuster\Exception;

use DomainException;
use Yoke\CoreException;

final class ImpossibleSetting extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly string $adjuster)
    {
        parent::__construct($message);
    }

    public static function ofAdjuster(string $key): self
    {
        return new self("Expected an adjuster \"{$key}\" with a pitch above 0, a range that rises, and minutes of 0 or more.", $key);
    }

    public static function outOfRange(string $key, float $step, float $from, float $to): self
    {
        return new self(sprintf('Expected the %s between %s and %s, and %s is none of its steps.', $key, $from, $to, $step), $key);
    }

    public static function missing(string $key): self
    {
        return new self("Expected a step for the {$key}.", $key);
    }

    public static function unknown(string $key): self
    {
        return new self("This hitch has no {$key} to set.", $key);
    }

    public function adjuster(): string
    {
        return $this->adjuster;
    }
}

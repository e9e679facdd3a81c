<?php

declare(strict_types=1);

namespace Yoke\Tape\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Measure\Length;
use Yoke\Measure\TypedLength;
use Yoke\Rig\Check\LengthRange;

final class NotAFenderHeight extends DomainException implements CoreException
{
    private function __construct(string $message, private readonly TypedLength $typed)
    {
        parent::__construct($message);
    }

    public static function outside(TypedLength $typed, LengthRange $range): self
    {
        $length = $typed->length();
        $found = match (true) {
            ! $length->isGreaterThan(Length::zero()) => 'A height is above zero.',
            $length->isGreaterThan(Length::ofMillimetres(9999)) => sprintf('This one is %.1f m.', $length->millimetres() / 1000),
            default => sprintf('This one is %d mm (%.1f in).', round($length->millimetres()), $length->inches()),
        };

        return new self($range->sentence().' '.$found, $typed);
    }

    public function typed(): TypedLength
    {
        return $this->typed;
    }
}

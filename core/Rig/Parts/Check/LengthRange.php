<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts\Check;

use Yoke\Expected;
use Yoke\Foundation\Units\Length;

/** The lengths that a dimension of a rig can have, both ends included. */
final readonly class LengthRange
{
    private function __construct(
        /** The sentence of the dimension: `wheelbase`. */
        private string $dimension,
        private Length $shortest,
        private Length $longest,
    ) {
    }

    public static function ofMillimetres(string $dimension, float $shortest, float $longest): self
    {
        return new self($dimension, Length::ofMillimetres($shortest), Length::ofMillimetres($longest));
    }

    public function holds(Length $length): bool
    {
        return ! $length->isLessThan($this->shortest) && ! $length->isGreaterThan($this->longest);
    }

    /** What was expected, in both units. */
    public function expected(): Expected
    {
        return Expected::of("range.{$this->dimension}", [
            'low_mm' => $this->shortest->millimetres(),
            'high_mm' => $this->longest->millimetres(),
            'low_in' => round($this->shortest->inches()),
            'high_in' => round($this->longest->inches()),
        ]);
    }

    public function check(string $field, ?Length $length, Problems $problems): void
    {
        if ($length !== null && ! $this->holds($length)) {
            $problems->found($field, $this->expected());
        }
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Check;

use Yoke\Units\Length;

/** The lengths that a dimension of a rig can have, both ends included. */
final readonly class LengthRange
{
    private function __construct(
        /** The dimension in words, with its article: `a wheelbase`. */
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
    public function sentence(): string
    {
        return sprintf(
            'Expected %s between %d and %d mm (%d and %d in).',
            $this->dimension,
            $this->shortest->millimetres(),
            $this->longest->millimetres(),
            round($this->shortest->inches()),
            round($this->longest->inches()),
        );
    }

    public function check(string $field, ?Length $length, Problems $problems): void
    {
        if ($length !== null && ! $this->holds($length)) {
            $problems->found($field, $this->sentence());
        }
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;

/** What is known of one part, in canonical units. Every field may be missing. */
final readonly class SpecificationSheet
{
    /** @param  array<string, float|int|string|null>  $values by key */
    public function __construct(private array $values)
    {
    }

    public function number(string $key): ?float
    {
        $value = $this->values[$key] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function load(string $key): ?Load
    {
        $kilograms = $this->number($key);

        return $kilograms === null ? null : Load::ofKilograms($kilograms);
    }

    public function length(string $key): ?Length
    {
        $millimetres = $this->number($key);

        return $millimetres === null ? null : Length::ofMillimetres($millimetres);
    }

    public function text(string $key): ?string
    {
        $value = $this->values[$key] ?? null;

        return is_string($value) ? $value : null;
    }

    /**
     * The same with some fields as they were measured.
     *
     * @param  array<string, float>  $measured  by key
     */
    public function with(array $measured): self
    {
        return new self([...$this->values, ...$measured]);
    }

    /** The same with some fields not known. */
    public function without(string ...$keys): self
    {
        return new self(
            array_filter(
                $this->values,
                static fn (string $key): bool => ! in_array($key, $keys, true),
                ARRAY_FILTER_USE_KEY,
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer;

/** Where every knob of an explainer stands. */
final readonly class KnobValues
{
    /** @param  array<string, float>  $values  by key, each a step of its knob */
    private function __construct(private array $values)
    {
    }

    /**
     * @param  non-empty-list<Knob>  $knobs
     * @param  array<string, float>  $wanted  by key; what is missing is as usual, what lies between steps or outside
     *     goes to the nearest
     */
    public static function of(array $knobs, array $wanted): self
    {
        $values = [];
        foreach ($knobs as $knob) {
            $values[$knob->key] = $knob->nearest($wanted[$knob->key] ?? $knob->usual);
        }

        return new self($values);
    }

    public function at(string $key): float
    {
        return $this->values[$key];
    }

    public function isOn(string $key): bool
    {
        return $this->values[$key] > 0.5;
    }

    /** @return array<string, float> */
    public function all(): array
    {
        return $this->values;
    }

    public function with(string $key, float $value): self
    {
        return new self([...$this->values, $key => $value]);
    }

    /** One text for one place of all knobs. */
    public function key(): string
    {
        $parts = [];
        foreach ($this->values as $key => $value) {
            $parts[] = "{$key}={$value}";
        }

        return implode('&', $parts);
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Adjuster;

/** Where every adjuster of a hitch stands, as far as anybody knows. */
final readonly class Setting
{
    /**
     * @param  array<string, float>  $steps by adjuster; a stand-in for those that nobody knows
     * @param  list<string>  $unknown adjusters that stand where they stand, and nobody knows where
     */
    private function __construct(private array $steps, private array $unknown)
    {
    }

    /**
     * @internal made by Adjusters, which knows what is allowed
     *
     * @param  array<string, float>  $steps
     * @param  list<string>  $unknown
     */
    public static function of(array $steps, array $unknown = []): self
    {
        return new self($steps, $unknown);
    }

    /** Of one that nobody knows, what stands in for it. */
    public function step(string $adjuster): float
    {
        return $this->steps[$adjuster];
    }

    /** @return array<string, float> of the adjusters whose place is known */
    public function steps(): array
    {
        return array_filter($this->steps, $this->knows(...), ARRAY_FILTER_USE_KEY);
    }

    /** @return array<string, float|null> of all adjusters, null where nobody knows */
    public function told(): array
    {
        $told = $this->steps;
        foreach ($this->unknown as $key) {
            $told[$key] = null;
        }

        return $told;
    }

    /** @return list<string> the adjusters whose place nobody knows */
    public function unknown(): array
    {
        return $this->unknown;
    }

    public function knows(string $adjuster): bool
    {
        return ! in_array($adjuster, $this->unknown, true);
    }

    /** The same with one adjuster elsewhere. */
    public function with(string $adjuster, float $step): self
    {
        return new self(
            [...$this->steps, $adjuster => $step],
            array_values(array_filter($this->unknown, static fn (string $key): bool => $key !== $adjuster)),
        );
    }

    /** One text for one setting, by which it is found again. */
    public function key(): string
    {
        return implode(' ', array_map(static fn (?float $step): string => (string) ($step ?? '?'), $this->told()));
    }

    public function equals(self $other): bool
    {
        return $this->changesTo($other) === [];
    }

    /** @return list<string> the adjusters that stand elsewhere in another setting; those that nobody knows stay */
    public function changesTo(self $other): array
    {
        $changed = [];
        foreach ($this->steps as $key => $step) {
            if ($this->knows($key) && $other->knows($key) && abs($step - $other->steps[$key]) > 1e-9) {
                $changed[] = $key;
            }
        }

        return $changed;
    }
}

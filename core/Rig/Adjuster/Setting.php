<?php

declare(strict_types=1);

namespace Yoke\Rig\Adjuster;

/** Where every adjuster of a hitch stands. */
final readonly class Setting
{
    /** @param  array<string, float>  $steps by adjuster */
    private function __construct(private array $steps)
    {
    }

    /**
     * @internal made by Adjusters, which knows what is allowed
     *
     * @param  array<string, float>  $steps
     */
    public static function of(array $steps): self
    {
        return new self($steps);
    }

    public function step(string $adjuster): float
    {
        return $this->steps[$adjuster];
    }

    /** @return array<string, float> */
    public function steps(): array
    {
        return $this->steps;
    }

    /** The same with one adjuster elsewhere. */
    public function with(string $adjuster, float $step): self
    {
        return new self([...$this->steps, $adjuster => $step]);
    }

    /** One text for one setting, by which it is found again. */
    public function key(): string
    {
        return implode(' ', $this->steps);
    }

    public function equals(self $other): bool
    {
        return $this->changesTo($other) === [];
    }

    /** @return list<string> the adjusters that stand elsewhere in another setting */
    public function changesTo(self $other): array
    {
        $changed = [];
        foreach ($this->steps as $key => $step) {
            if (abs($step - $other->steps[$key]) > 1e-9) {
                $changed[] = $key;
            }
        }

        return $changed;
    }
}

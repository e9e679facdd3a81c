<?php

declare(strict_types=1);

namespace Yoke\Showing\Explainer;

/** Something of the example rig that is turned in steps. */
final readonly class Knob
{
    /**
     * @param  string  $key  by which it is named and sent
     * @param  float  $step  above 0; the range holds whole steps
     * @param  Hold  $hold  where on the drawing it is taken hold of
     * @param  Quantity  $unit  what its values are
     */
    public function __construct(
        public string $key,
        public float $from,
        public float $to,
        public float $step,
        public float $usual,
        public Quantity $unit,
        public Hold $hold = Hold::Nowhere,
    ) {
    }

    /** The nearest step of its range. */
    public function nearest(float $value): float
    {
        $steps = round((max($this->from, min($this->to, $value)) - $this->from) / $this->step);

        return round($this->from + $steps * $this->step, 6);
    }

    /** @return list<float> its steps about a value, so many to each side, the value first */
    public function about(float $value, int $many): array
    {
        $values = [$value];
        for ($i = 1; $i <= $many; $i++) {
            foreach ([$value + $i * $this->step, $value - $i * $this->step] as $next) {
                $values =
                    $next >= $this->from - 1e-9 && $next <= $this->to + 1e-9 ? [...$values, round($next, 6)] : $values;
            }
        }

        return $values;
    }
}

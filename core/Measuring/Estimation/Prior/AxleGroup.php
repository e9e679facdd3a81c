<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Prior;

/** How the trailer's axles stand together: on one equaliser, or each on springs of its own. */
final readonly class AxleGroup
{
    private function __construct(
        /** 1 for a single axle or an equalised group, else 2 or 3. */
        private int $springs,
        /** Between neighbouring axles, mm. */
        private float $spacing,
    ) {
    }

    public static function equalised(): self
    {
        return new self(1, 0.0);
    }

    /** @param  int  $axles 2 or 3 */
    public static function unequalised(int $axles, float $spacing): self
    {
        return new self($axles, $spacing);
    }

    /** @return non-empty-list<array{offset: float, rate: float}> front to back, with so much rate in all, kg/mm */
    public function axles(float $groupRate): array
    {
        $foremost = ($this->springs - 1) / 2 * $this->spacing;
        $axles = [['offset' => $foremost, 'rate' => $groupRate / $this->springs]];
        for ($i = 1; $i < $this->springs; $i++) {
            $axles[] = ['offset' => $foremost - $i * $this->spacing, 'rate' => $groupRate / $this->springs];
        }

        return $axles;
    }
}

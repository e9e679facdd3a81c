<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Stories;

use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Residual;

/** What may be a mistake, a reading or the setting of a hook-up; how likely, and which mistake fits. */
final readonly class Suspect
{
    /**
     * @param  Residual|null  $residual  the reading as the others see it; null where the setting is suspected
     * @param  float  $chance  0 to 1
     * @param  int  $hookUp  whose setting it is; 0 for a reading
     */
    private function __construct(
        public ?Residual $residual,
        public float $chance,
        public ReadingError $error,
        public int $hookUp,
    ) {
    }

    public static function reading(Residual $residual, float $chance, ?ReadingError $error = null): self
    {
        return new self($residual, $chance, $error ?? ReadingError::likeliest($residual), 0);
    }

    public static function setting(int $hookUp, float $chance, ReadingError $error = ReadingError::OneStep): self
    {
        return new self(null, $chance, $error, $hookUp);
    }

    /** What was told of it is suspected, not anything that was read in the job. */
    public static function tongueWeight(float $chance): self
    {
        return new self(null, $chance, ReadingError::ToldWrong, 0);
    }

    /** Null where no reading is suspected. */
    public function observation(): ?Observation
    {
        return $this->residual?->observation;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Estimation;

/** A reading that may be a mistake, how likely, and which mistake fits. */
final readonly class Suspect
{
    /**
     * @param  float  $chance  0 to 1
     */
    public function __construct(public Residual $residual, public float $chance, public ReadingError $error)
    {
    }

    public function observation(): Observation
    {
        return $this->residual->observation;
    }
}

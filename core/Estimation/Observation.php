<?php

declare(strict_types=1);

namespace Yoke\Estimation;

/** One reading as the fit takes it: mm or kg. */
final readonly class Observation
{
    /**
     * @param  float  $deviation  of reader, instrument and friction together; above 0
     * @param  string  $name  the reading's own, for whoever asks which one is doubtful
     */
    public function __construct(
        public ReadingContext $situation,
        public Observed $observed,
        public float $value,
        public float $deviation,
        public string $name = '',
    ) {
    }
}

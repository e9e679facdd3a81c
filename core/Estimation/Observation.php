<?php

declare(strict_types=1);

namespace Yoke\Estimation;

/** One reading as the fit takes it: mm or kg. */
final readonly class Observation
{
    public ReadingIdentity $identity;

    /**
     * @param  float  $deviation  of reader, instrument and friction together; above 0
     */
    public function __construct(
        public ReadingContext $context,
        public Observed $observed,
        public float $value,
        public float $deviation,
        ?ReadingIdentity $identity = null,
    ) {
        $this->identity = $identity ?? ReadingIdentity::none();
    }
}

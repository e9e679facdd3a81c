<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Reading;

/** One reading as the fit takes it: mm or kg. */
final readonly class Observation
{
    public ReadingIdentity $identity;

    /**
     * @param  float  $deviation  of this reading alone: reader, instrument and what friction does another time; above 0
     * @param  float  $shared  deviation of what all readings of the same stance and hook-up have in common, 0 or more
     * @param  float  $leans  how much more it is expected to read than is true, by the side that its springs stick on
     */
    public function __construct(
        public ReadingContext $context,
        public Observed $observed,
        public float $value,
        public float $deviation,
        ?ReadingIdentity $identity = null,
        public float $shared = 0.0,
        public float $leans = 0.0,
    ) {
        $this->identity = $identity ?? ReadingIdentity::none();
    }

    /** What it shares its deviation with: readings of the same kind in the same stance and hook-up. */
    public function group(): string
    {
        $context = $this->context;

        return "{$context->stance->value} {$context->hookUp->number} {$context->tensionOffset} {$context->ballOffset} ".
            $this->observed->name;
    }

    /** The same reading, off by so much more together with the others of its stance, mm. */
    public function sharing(float $deviation): self
    {
        return new self(
            $this->context,
            $this->observed,
            $this->value,
            $this->deviation,
            $this->identity,
            hypot($this->shared, $deviation),
            $this->leans,
        );
    }

    /** The same, if another figure was meant. */
    public function withValue(float $value): self
    {
        return new self(
            $this->context,
            $this->observed,
            $value,
            $this->deviation,
            $this->identity,
            $this->shared,
            $this->leans,
        );
    }

    /** The same reading, its bars at another tension than was written down, mm. */
    public function withTensionMoved(float $by): self
    {
        return new self(
            $this->context->withTensionMoved($by),
            $this->observed,
            $this->value,
            $this->deviation,
            $this->identity,
            $this->shared,
            $this->leans,
        );
    }
}

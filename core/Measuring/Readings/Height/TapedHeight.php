<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Height;

use Yoke\Measuring\Estimation\Reading\ReadingContext;
use Yoke\Measuring\Estimation\Reading\ReadingIdentity;
use Yoke\Rig\Parts\Axle;

/** One fender height with what it was taped in. */
final readonly class TapedHeight
{
    /** @param  SetBy|null  $setBy  how the bars were put on; null where none are, or nobody said */
    public function __construct(
        public ReadingContext $context,
        public Axle $axle,
        public HeightReading $reading,
        public ReadingIdentity $identity,
        public ?SetBy $setBy = null,
    ) {
    }

    /** What its repeats have in common with it: stance, hook-up and axle. */
    public function group(): string
    {
        $context = $this->context;

        return "{$context->stance->value} {$context->hookUp->number} {$context->tensionOffset} {$this->axle->value}";
    }
}

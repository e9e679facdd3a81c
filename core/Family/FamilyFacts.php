<?php

declare(strict_types=1);

namespace Yoke\Family;

/** What is usual of a family, and what is looked at and done on it, by keys. */
final readonly class FamilyFacts
{
    /**
     * @param  HitchMeasures  $usual  what its measures usually are, where nobody took them
     * @param  SwayControl  $control  what of it holds a trailer back from swinging
     * @param  list<string>  $swayChecks  what is looked at of that
     * @param  list<string>  $barsOn  the steps that put its bars, or chains, on, in order
     * @param  list<string>  $barsOff  the steps that take them off
     * @param  TakeUp  $takeUp  what holds the tips of its bars up
     */
    public function __construct(
        public HitchMeasures $usual,
        public SwayControl $control,
        public array $swayChecks,
        public array $barsOn,
        public array $barsOff,
        public TakeUp $takeUp,
    ) {
    }
}

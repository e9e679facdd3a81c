<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

/** What is usual of a family, and what is looked at and done on it, by keys. */
final readonly class FamilyFacts
{
    /**
     * @param  HitchMeasures  $usual  what its measures usually are, where nobody took them
     * @param  SwayControl  $control  what of it holds a trailer back from swinging
     * @param  list<string>  $swayChecks  what is looked at of that
     * @param  Handwork  $handwork  how its bars, or chains, go on and off, and how the setting is moved
     * @param  TakeUp  $takeUp  what holds the tips of its bars up
     * @param  array<string, Suits>  $suits  how well it does what its use may ask, by the value of each Want
     */
    public function __construct(
        public HitchMeasures $usual,
        public SwayControl $control,
        public array $swayChecks,
        public Handwork $handwork,
        public TakeUp $takeUp,
        private array $suits = [],
    ) {
    }

    /** How well it does something; poorly where it is no hitch that could. */
    public function suits(Want $want): Suits
    {
        return $this->suits[$want->value] ?? Suits::Poorly;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Family;

/**
 * What hands do on a family's hitch, by keys of its own words, in order. A key with a dot names the part that it stands
 * under (`bars_off.let_down`); one without stands under its own.
 */
final readonly class Handwork
{
    /**
     * @param  list<string>  $barsOn  its bars, or chains, go on
     * @param  list<string>  $barsOff  they come off
     * @param  list<string>  $change  its small adjuster is moved, the rig coupled
     * @param  list<string>  $tension  what tensions them once the jack is away; none where the jack did
     * @param  list<string>  $after  what is set again once the head has moved
     * @param  list<string>  $slacken  what slackens them before the jack lifts; none where the jack does
     */
    public function __construct(
        public array $barsOn = [],
        public array $barsOff = [],
        public array $change = [],
        public array $tension = [],
        public array $slacken = [],
        public array $after = [],
    ) {
    }

    /** @return list<string> by the name that a procedure has for it */
    public function of(string $part): array
    {
        return match ($part) {
            'bars_on' => $this->barsOn,
            'bars_off' => $this->barsOff,
            'change' => $this->change,
            'tension' => $this->tension,
            'slacken' => $this->slacken,
            'after' => $this->after,
            default => [],
        };
    }
}

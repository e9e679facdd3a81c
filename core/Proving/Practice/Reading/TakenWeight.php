<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Reading;

use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Rig\Parts\Stance;

/** What a weighbridge, a scale under the tongue or a gauge showed. */
final readonly class TakenWeight
{
    /** @param  array<string, float>  $kg  by `front`, `rear`, `trailer`; by `tongue`; by `ball` */
    private function __construct(
        public ActKind $by,
        public Stance $stance,
        public HitchPlace $hitch,
        public int $hookUp,
        public array $kg,
        public bool $isSpoiled,
    ) {
    }

    /** @param  array<string, float>  $kg */
    public static function of(ActKind $by, Stance $stance, HitchPlace $hitch, array $kg): self
    {
        return new self($by, $stance, $hitch, 0, $kg, false);
    }

    /** @param  int  $hookUp  that was on, from 1; 0 where none was */
    public function ofHookUp(int $hookUp): self
    {
        return new self($this->by, $this->stance, $this->hitch, $hookUp, $this->kg, $this->isSpoiled);
    }

    public function spoiled(): self
    {
        return new self($this->by, $this->stance, $this->hitch, $this->hookUp, $this->kg, true);
    }
}

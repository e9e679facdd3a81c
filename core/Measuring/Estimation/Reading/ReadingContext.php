<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Reading;

use Yoke\Rig\Parts\Stance;

/** What a rig stood in when something was observed. */
final readonly class ReadingContext
{
    private function __construct(
        public Stance $stance,
        /** Tension over that of the reference setting, mm; 0 unless carried. */
        public float $tensionOffset,
        /** How much higher than the prior knows the unloaded ball stood, mm. */
        public float $ballOffset,
        /** Whose bars were on; none unless carried. */
        public HookUp $hookUp,
    ) {
    }

    public static function alone(): self
    {
        return new self(Stance::Alone, 0.0, 0.0, HookUp::none());
    }

    public static function dropped(float $ballOffset = 0.0): self
    {
        return new self(Stance::Dropped, 0.0, $ballOffset, HookUp::none());
    }

    /** @param  float  $tensionOffset  tension over that of the reference setting, mm */
    public static function carried(float $tensionOffset, float $ballOffset = 0.0, ?HookUp $hookUp = null): self
    {
        return new self(Stance::Carried, $tensionOffset, $ballOffset, $hookUp ?? HookUp::none());
    }

    /** The same, the bars more bent than was written down, mm. */
    public function withTensionMoved(float $by): self
    {
        return new self($this->stance, $this->tensionOffset + $by, $this->ballOffset, $this->hookUp);
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Foundation\Probability\Normal;

/** What is known of the tension of a hitch's reference setting before anything is read, mm. */
final readonly class ReferenceTension
{
    private function __construct(
        /** Null where it follows from the rig. */
        private ?Normal $told,
        /** The reference setting's tension over that of the setting that the data sheet starts at, mm. */
        private float $overStart,
        /** One deviation, mm. */
        private float $doubt,
    ) {
    }

    /** Taped on the bars, said, or told by where chains become taut. */
    public static function told(Normal $tension): self
    {
        return new self($tension, 0.0, $tension->deviation());
    }

    /**
     * Nobody taped it: the setting that the data sheet starts at, else the middle one, restores what is usual.
     *
     * @param  float  $overStart  of the reference setting over the one that the sheet starts at, mm
     * @param  float  $doubt  one deviation, mm
     */
    public static function usual(float $overStart, float $doubt): self
    {
        return new self(null, $overStart, $doubt);
    }

    /** Null where it is the usual one. */
    public function asTold(): ?Normal
    {
        return $this->told;
    }

    /** @param  float  $atStart  tension that restores what is usual, mm */
    public function over(float $atStart): Normal
    {
        return Normal::of($atStart + $this->overStart, $this->doubt);
    }
}

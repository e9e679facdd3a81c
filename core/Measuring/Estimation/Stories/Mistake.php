<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Stories;

/** Something that went wrong, by one story of the readings. */
final readonly class Mistake
{
    private function __construct(
        public MistakeKind $kind,
        /**
         * The observation that slipped, or the first that was taped with somebody aboard, from 0; null for any other.
         */
        public ?int $observation = null,
        /** The hook-up that was miscounted, from 1; 0 for any other. */
        public int $hookUp = 0,
        /** How much more its bars are truly bent than was written down, mm; 0 for any other. */
        public float $moved = 0.0,
    ) {
    }

    public static function slip(int $observation): self
    {
        return new self(MistakeKind::Slip, $observation);
    }

    /** @param  int  $observation  the first of those that were taped without the rig being moved */
    public static function aboard(int $observation): self
    {
        return new self(MistakeKind::Aboard, $observation);
    }

    /** @param  float  $moved  how much more the bars are truly bent than was written down, mm */
    public static function miscount(int $hookUp, float $moved): self
    {
        return new self(MistakeKind::Miscount, null, $hookUp, $moved);
    }

    public static function tongueWeight(): self
    {
        return new self(MistakeKind::TongueWeight);
    }

    /** One text for one mistake, by which it is found again. */
    public function key(): string
    {
        return "{$this->kind->name} {$this->observation} {$this->hookUp} {$this->moved}";
    }
}

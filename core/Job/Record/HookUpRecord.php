<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Rig\Adjuster\Setting;

/** A carried round: at which setting the bars were, as somebody wrote it down, and how they were put on. */
final readonly class HookUpRecord
{
    private function __construct(
        /** Of the carried stance, from 1. */
        public int $round,
        /** Of the hook-up, from 1: rounds of one were read without the bars coming off between. */
        public int $number,
        /** Null where nobody wrote it down, or the hitch has no such one. */
        public ?Setting $setting,
        /** Null where nobody asked. */
        public ?SetBy $setBy,
        /** Of the unloaded ball over where the setting has it, mm: a shank turned over. */
        public float $ballMoved,
        /** Whether its links, holes or turns were counted again. */
        public bool $isCounted,
    ) {
    }

    /**
     * @param  int  $round  of the carried stance, from 1
     * @param  int  $number  of the hook-up, from 1
     * @param  float  $ballMoved  mm
     */
    public static function of(
        int $round,
        int $number,
        ?Setting $setting,
        ?SetBy $setBy = null,
        float $ballMoved = 0.0,
    ): self {
        return new self($round, $number, $setting, $setBy, $ballMoved, false);
    }

    /** The same, counted again: what one step of it is worth is no doubt any more. */
    public function counted(): self
    {
        return new self($this->round, $this->number, $this->setting, $this->setBy, $this->ballMoved, true);
    }
}

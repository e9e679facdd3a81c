<?php

declare(strict_types=1);

namespace Yoke\Judgement\Method;

use Yoke\Rig\Adjuster\Setting;

/** The hook-up that is on: where it stands for the model, and how often it was read. */
final readonly class CurrentSetting
{
    /**
     * @param  Setting|null  $setting  null where nobody wrote it down, or nobody knows what can be set
     * @param  float  $tensionOffset  over the tension of the reference setting, mm
     * @param  float  $ballOffset  of the unloaded ball over what the prior knows, mm
     * @param  int  $hookUp  its number among the hook-ups of the job, from 1; 0 where nobody tells them apart
     */
    public function __construct(
        public ?Setting $setting,
        public float $tensionOffset,
        public float $ballOffset,
        public int $readings = 1,
        public int $hookUp = 0,
    ) {
    }

    /** The hook-up of a hitch whose setting is not known: it is its own reference. */
    public static function unknown(int $readings): self
    {
        return new self(null, 0.0, 0.0, $readings);
    }
}

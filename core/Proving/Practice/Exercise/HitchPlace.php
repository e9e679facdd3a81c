<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Rig\Adjuster\Setting;

/** How the hitch is put together: its setting, and whether the shank is turned over from where it was. */
final readonly class HitchPlace
{
    private function __construct(public Setting $setting, public bool $isTurned)
    {
    }

    /** With the shank as it was. */
    public static function of(Setting $setting): self
    {
        return new self($setting, false);
    }

    public function at(Setting $setting): self
    {
        return new self($setting, $this->isTurned);
    }

    public function turnedOver(): self
    {
        return new self($this->setting, ! $this->isTurned);
    }

    public function key(): string
    {
        return $this->setting->key().($this->isTurned ? ' turned' : '');
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Exercise;

use Yoke\Rig\Parts\Stance;

/** How a rig of the practice yard stands between two acts. */
final readonly class Situation
{
    /**
     * @param  bool  $isRaised  whether the tongue jack holds the coupled pair up
     * @param  bool  $isRolled  whether it was rolled since it came to stand so
     * @param  list<Fault>  $faults  that are still there
     */
    private function __construct(
        public HitchPlace $hitch,
        public bool $isCoupled,
        public bool $isHooked,
        public bool $isRaised,
        public bool $isChocked,
        public bool $isRolled,
        public array $faults,
    ) {
    }

    public static function atFirst(Exercise $exercise): self
    {
        $isCoupled = $exercise->code->level->startsCoupled();

        return new self($exercise->start, $isCoupled, $isCoupled, false, ! $isCoupled, false, $exercise->faults);
    }

    public function stance(): Stance
    {
        return match (true) {
            ! $this->isCoupled => Stance::Alone,
            $this->isHooked => Stance::Carried,
            default => Stance::Dropped,
        };
    }

    /** Whether anybody beneath it would lie under what the tongue jack holds. */
    public function isOnJack(): bool
    {
        return $this->isRaised || ! $this->isCoupled;
    }

    public function coupled(): self
    {
        return new self($this->hitch, true, false, false, $this->isChocked, false, $this->faults);
    }

    public function uncoupled(): self
    {
        return new self($this->hitch, false, false, false, $this->isChocked, false, $this->faults);
    }

    public function raised(): self
    {
        return new self($this->hitch, true, $this->isHooked, true, $this->isChocked, false, $this->faults);
    }

    public function lowered(): self
    {
        return new self($this->hitch, true, $this->isHooked, false, $this->isChocked, false, $this->faults);
    }

    public function hooked(): self
    {
        return new self($this->hitch, true, true, $this->isRaised, $this->isChocked, false, $this->faults);
    }

    public function unhooked(): self
    {
        return new self($this->hitch, true, false, $this->isRaised, $this->isChocked, false, $this->faults);
    }

    public function chocked(): self
    {
        return new self(
            $this->hitch,
            $this->isCoupled,
            $this->isHooked,
            $this->isRaised,
            true,
            $this->isRolled,
            $this->faults,
        );
    }

    public function unchocked(): self
    {
        return new self(
            $this->hitch,
            $this->isCoupled,
            $this->isHooked,
            $this->isRaised,
            false,
            $this->isRolled,
            $this->faults,
        );
    }

    public function rolled(): self
    {
        return new self(
            $this->hitch,
            $this->isCoupled,
            $this->isHooked,
            $this->isRaised,
            $this->isChocked,
            true,
            $this->faults,
        );
    }

    public function with(HitchPlace $hitch): self
    {
        return new self(
            $hitch,
            $this->isCoupled,
            $this->isHooked,
            $this->isRaised,
            $this->isChocked,
            $this->isRolled,
            $this->faults,
        );
    }

    /** The same with one thing put right; it stands anew. */
    public function without(Fault $fault): self
    {
        return new self(
            $this->hitch,
            $this->isCoupled,
            $this->isHooked,
            $this->isRaised,
            $this->isChocked,
            false,
            array_values(array_filter($this->faults, static fn (Fault $one): bool => $one !== $fault)),
        );
    }
}

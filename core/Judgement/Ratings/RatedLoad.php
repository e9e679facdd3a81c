<?php

declare(strict_types=1);

namespace Yoke\Judgement\Ratings;

use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Rig\Parts\Stance;

/** One line of the ledger: what something carries, and what it may, or has to. */
final readonly class RatedLoad
{
    /** @param  list<Term>  $terms */
    private function __construct(
        public RatedPart $part,
        /** Null where the load is the same in all. */
        public ?Stance $stance,
        public Load $carries,
        /** Null while its rating is not known. */
        public ?Load $may,
        /** The field that would tell the rating. */
        public string $unlockedBy,
        /** 1 where the rating is the most it may carry, -1 where it is the least it has to. */
        private int $sense,
        /** Where the load comes from; they add up to it. Empty where it was weighed as it is. */
        public array $terms,
        /** Which of a trailer's axles, from 1 at the front; 0 where it is not one of them. */
        public int $axle = 0,
        /** Of how many. */
        public int $axles = 0,
        /** Whether it stands so in the yard alone: the bars go on before it is driven. */
        private bool $isOnTheWay = false,
        private bool $isWeighed = false,
    ) {
    }

    public static function atMost(
        RatedPart $part,
        ?Stance $stance,
        Load $carries,
        ?Load $may,
        string $unlockedBy,
        Term ...$terms,
    ): self {
        return new self($part, $stance, $carries, $may, $unlockedBy, 1, array_values($terms));
    }

    public static function atLeast(
        RatedPart $part,
        ?Stance $stance,
        Load $carries,
        ?Load $has,
        string $unlockedBy,
    ): self {
        return new self($part, $stance, $carries, $has, $unlockedBy, -1, []);
    }

    /** The same load on one axle of a trailer's group. */
    public function ofAxle(int $axle, int $axles): self
    {
        return $this->but($axle, $axles, $this->isOnTheWay, $this->isWeighed);
    }

    /** The same of a rig that stands so in the yard alone: the bars go on before it is driven. */
    public function onTheWay(): self
    {
        return $this->but($this->axle, $this->axles, true, $this->isWeighed);
    }

    /** The same as a scale found it. */
    public function asWeighed(): self
    {
        return $this->but($this->axle, $this->axles, $this->isOnTheWay, true);
    }

    /** Whether a scale found it so: it is shown as the ticket says it. */
    public function isWeighed(): bool
    {
        return $this->isWeighed;
    }

    /** Another load against the same rating. */
    public function carrying(Load $load): self
    {
        return $this->but($this->axle, $this->axles, $this->isOnTheWay, $this->isWeighed, $load);
    }

    private function but(int $axle, int $axles, bool $isOnTheWay, bool $isWeighed, ?Load $carries = null): self
    {
        return new self(
            $this->part,
            $this->stance,
            $carries ?? $this->carries,
            $this->may,
            $this->unlockedBy,
            $this->sense,
            $carries === null ? $this->terms : [],
            $axle,
            $axles,
            $isOnTheWay,
            $isWeighed,
        );
    }

    /** Alike for the same line of another ledger. */
    public function key(): string
    {
        return implode(
            '.',
            array_filter(
                [$this->part->value, $this->axle === 0 ? null : (string) $this->axle, $this->stance?->value],
                is_string(...),
            ),
        );
    }

    /** Whether the rating is the least that it has to carry, and not the most that it may. */
    public function isLeast(): bool
    {
        return $this->sense < 0;
    }

    /** What is left; negative when it is outside. Null while the rating is not known. */
    public function margin(): ?Load
    {
        return $this->may?->minus($this->carries)->times($this->sense);
    }

    public function isOutside(): bool
    {
        return $this->margin()?->isNegative() ?? false;
    }

    /**
     * The one rule: what is carried as the rig is driven governs; with the bars still off it is a caution, and so is
     * too little.
     */
    public function state(): RatingState
    {
        return match (true) {
            $this->may === null => RatingState::Unknown,
            ! $this->isOutside() => RatingState::Kept,
            $this->isOnTheWay || $this->isLeast() ||
                $this->part === RatedPart::FrontAgainstAlone => RatingState::Caution,
            default => RatingState::Over,
        };
    }

    public function isOver(): bool
    {
        return $this->state() === RatingState::Over;
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Stories;

/** Something that went wrong, by one story of the readings. */
final readonly class Mistake
{
    private function __construct(
        public MistakeKind $kind,
        /**
         * The observation that slipped, or the first of those that are off alike, from 0; null for any other.
         */
        public ?int $observation = null,
        /** @var array<int, float> how much more the bars are truly bent than was written down, mm, by hook-up from 1 */
        public array $moved = [],
        /** @var list<int> the first reading of each other taping that it was exchanged with, in turn */
        public array $with = [],
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
        return new self(MistakeKind::Miscount, null, [$hookUp => $moved]);
    }

    /** @param  array<int, float>  $moved  how much more the bars are truly bent, mm, by hook-up */
    public static function reversed(array $moved): self
    {
        return new self(MistakeKind::Reversed, null, $moved);
    }

    /**
     * One cause that touches several readings.
     *
     * @param  int  $observation  the first of them
     */
    public static function lasting(MistakeKind $kind, int $observation): self
    {
        return new self($kind, $observation);
    }

    /** Tapings of which each was written down as the one before, the first as the last: the first reading of each. */
    public static function inTurn(MistakeKind $kind, int $observation, int ...$with): self
    {
        return new self($kind, $observation, [], array_values($with));
    }

    /**
     * Whether one of a kind, of such an observation, is among what is known.
     *
     * @param  list<self>  $known
     */
    public static function isAmong(array $known, MistakeKind $kind, ?int $observation): bool
    {
        foreach ($known as $mistake) {
            if ($mistake->kind === $kind && $mistake->observation === $observation) {
                return true;
            }
        }

        return false;
    }

    /** How much more the bars of a hook-up are bent by it than was written down, mm. */
    public function movedAt(int $hookUp): float
    {
        return $this->moved[$hookUp] ?? 0.0;
    }

    public static function tongueWeight(): self
    {
        return new self(MistakeKind::TongueWeight);
    }

    /** One text for one mistake, by which it is found again. */
    public function key(): string
    {
        $moved =
            $this->kind === MistakeKind::Reversed
                ? ''
                : implode(' ', [...array_keys($this->moved), ...array_values($this->moved)]);

        return trim("{$this->kind->name} {$this->observation} {$moved} ".implode(' ', $this->with));
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Method\Exception\ImpossibleBand;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Rig\Specification\SpecificationSheet;

/** What the vehicle's maker says about weight distribution. It governs the shop's habit, and is quoted. */
final readonly class ManufacturerPolicy
{
    private function __construct(
        private string $word,
        private ?Load $from,
        private Load $grossWeight,
        private ?TargetRange $band,
    ) {
    }

    /** Null where the maker says nothing, or nobody looked. */
    public static function of(SpecificationSheet $vehicle, Load $grossWeight): ?self
    {
        $word = $vehicle->text('maker_says') ?? 'silent';

        return $word === 'silent'
            ? null
            : new self(
                $word,
                $vehicle->load('maker_from_kg'),
                $grossWeight,
                $word === 'band' ? self::bandOf($vehicle) : null,
            );
    }

    /** The maker's own band, where it gives one that can be. */
    public function band(): ?TargetRange
    {
        return $this->band;
    }

    public function forbids(): bool
    {
        return $this->word === 'forbidden';
    }

    /** What kind of word it is: a key in words. */
    public function kind(): string
    {
        return match (true) {
            $this->forbids() => 'forbids',
            $this->band !== null => 'range',
            $this->word === 'band' => 'range_missing',
            $this->from === null => 'weight_missing',
            $this->from->isGreaterThan($this->grossWeight) => 'required_above',
            default => 'required',
        };
    }

    /** The trailer weight from which the maker requires weight distribution; null where it gives none. */
    public function requiredFrom(): ?Load
    {
        return $this->from;
    }

    public function grossWeight(): Load
    {
        return $this->grossWeight;
    }

    private static function bandOf(SpecificationSheet $vehicle): ?TargetRange
    {
        try {
            return TargetRange::of(
                ($vehicle->number('maker_band_low') ?? NAN) / 100,
                ($vehicle->number('maker_band_high') ?? NAN) / 100,
            );
        } catch (ImpossibleBand) {
            return null;
        }
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Planning;

use Yoke\Method\Band;
use Yoke\Method\Exception\ImpossibleBand;
use Yoke\Specification\Values;
use Yoke\Units\Load;
use Yoke\Units\LoadUnit;

/** What the vehicle's maker says about weight distribution. It governs the shop's habit, and is quoted. */
final readonly class ManufacturerPolicy
{
    private function __construct(
        private string $word,
        private ?Load $from,
        private Load $grossWeight,
        private ?Band $band,
    ) {
    }

    /** Null where the maker says nothing, or nobody looked. */
    public static function of(Values $vehicle, Load $grossWeight): ?self
    {
        $word = $vehicle->text('maker_says') ?? 'silent';

        return $word === 'silent' ? null : new self($word, $vehicle->load('maker_from_kg'), $grossWeight, $word === 'band' ? self::bandOf($vehicle) : null);
    }

    /** The maker's own band, where it gives one that can be. */
    public function band(): ?Band
    {
        return $this->band;
    }

    public function forbids(): bool
    {
        return $this->word === 'forbidden';
    }

    public function says(LoadUnit $unit): string
    {
        return match (true) {
            $this->forbids() => 'The vehicle\'s maker forbids weight distribution: the bars stay off.',
            $this->band !== null => "The vehicle's maker asks for {$this->band->inWords()} of the front axle load back: this governs the shop's band.",
            $this->word === 'band' => 'The vehicle\'s maker has a band of its own: type it on the vehicle\'s sheet.',
            $this->from === null => 'The vehicle\'s maker requires weight distribution above a trailer weight: type it on the vehicle\'s sheet.',
            $this->from->isGreaterThan($this->grossWeight) => "The vehicle's maker requires weight distribution above {$unit->nearest($this->from)}; this trailer, {$unit->nearest($this->grossWeight)}, may go without.",
            default => "The vehicle's maker requires weight distribution above {$unit->nearest($this->from)}: this trailer weighs {$unit->nearest($this->grossWeight)}.",
        };
    }

    private static function bandOf(Values $vehicle): ?Band
    {
        try {
            return Band::of(($vehicle->number('maker_band_low') ?? NAN) / 100, ($vehicle->number('maker_band_high') ?? NAN) / 100);
        } catch (ImpossibleBand) {
            return null;
        }
    }
}

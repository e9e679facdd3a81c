<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\SwayControl;

/** What the people who set a hitch's family up call its parts. */
final readonly class FamilyWords
{
    private string $at;

    public function __construct(HitchFamily $family)
    {
        $this->at = "family/{$family->key()}";
    }

    /** Lower case. */
    public function name(): string
    {
        return Text::of("{$this->at}.name");
    }

    /** One step of an adjuster: `washer`. */
    public function one(string $adjuster): string
    {
        return Text::of("{$this->at}.steps.{$adjuster}.one");
    }

    /** `washers`. */
    public function many(string $adjuster): string
    {
        return Text::of("{$this->at}.steps.{$adjuster}.many");
    }

    /** `half a link`, `2 links`, `1 1/2 washers`. */
    public function count(string $adjuster, float $steps): string
    {
        $whole = (int) floor(abs($steps));
        $half = abs($steps) - $whole >= 0.25;
        $key = match (true) {
            $half && $whole === 0 => 'half',
            $half => 'and_a_half',
            $whole === 1 => 'one',
            default => 'many',
        };

        return Text::of("setting.count.{$key}", [
            'count' => $whole,
            'one' => $this->one($adjuster),
            'many' => $this->many($adjuster),
        ]);
    }

    /** How it controls sway. */
    public function sway(): string
    {
        return Text::of("{$this->at}.sway");
    }

    /** That it moves little load, and what would move more; an empty text of a family with bars. */
    public function little(string $share): string
    {
        $own = array_filter(
            Families::all(),
            static fn (HitchFamily $family): bool => $family->hasBars() &&
                $family->facts()->control !== SwayControl::Separate,
        );

        return Text::ifAny("{$this->at}.little") === ''
            ? ''
            : Text::of("{$this->at}.little", [
                'share' => $share,
                'others' => implode(
                    ', ',
                    array_map(static fn (HitchFamily $family): string => (new self($family))->name(), $own),
                ),
            ]);
    }

    /** Where grease goes, and where none may. */
    public function grease(): string
    {
        return Text::of("{$this->at}.grease");
    }

    /** What is looked at for wear. */
    public function wear(): string
    {
        return Text::of("{$this->at}.wear");
    }
}

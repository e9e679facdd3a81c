<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Job\Choice\BarCandidate;
use Yoke\Job\Choice\BarObjection;
use Yoke\Job\Choice\BarRange;
use Yoke\Job\Choice\FamilyCandidate;
use Yoke\Job\Choice\FamilyObjection;
use Yoke\Job\Choice\HitchOffer;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\Want;

/** What is weighed before a hitch is bought, in a person's units (lang/, choice and family). */
final readonly class ChoiceWords
{
    private QuantityWords $print;

    public function __construct(User $person)
    {
        $this->print = new QuantityWords($person);
    }

    public static function want(Want $want): string
    {
        return Text::of("choice.want.{$want->value}");
    }

    /** `400 to 800 lb`. */
    public function range(BarRange $bars): string
    {
        return Text::of('choice.range', [
            'from' => $this->print->load($bars->lightest),
            'to' => $this->print->load($bars->heaviest),
        ]);
    }

    /** `bar on cam, bars for 400 to 800 lb`. */
    public function offer(HitchOffer $offer): string
    {
        $name = ucfirst((new FamilyWords($offer->family))->name());

        return $offer->bars === null
            ? $name
            : Text::of('choice.offer', ['family' => $name, 'rating' => $this->print->load($offer->bars->heaviest)]);
    }

    /** @return non-empty-list<string> what speaks against the bars, a sentence each; or that nothing does */
    public function ofBars(BarCandidate $bars): array
    {
        $sentences = array_map(
            fn (BarObjection $objection): string => ucfirst(
                Text::of("choice.bars.{$objection->value}", [
                    'chance' => VerdictWords::chance(
                        (int) round(
                            100 *
                                match ($objection) {
                                    BarObjection::TooLight => $bars->over,
                                    BarObjection::TooHeavy => $bars->under,
                                    BarObjection::BentPastRating => $bars->pastRating,
                                    BarObjection::CoarseSteps => 1.0,
                                },
                        ),
                    ),
                    'step' => $this->print->percent($bars->step),
                ]),
            ),
            $bars->objections,
        );

        return $sentences === [] ? [Text::of('choice.bars.fits')] : $sentences;
    }

    /**
     * @return list<string> how a family does what is asked of it, a sentence each, what it does well first; then what
     *     speaks against it
     */
    public function ofFamily(FamilyCandidate $family): array
    {
        $sentences = [];
        foreach (Suits::cases() as $how) {
            foreach ($family->does($how) as $want) {
                $sentences[] =
                    $want === Want::FineSteps
                        ? Text::of('choice.fine_steps', [
                            'step' => $this->print->percent($family->step),
                            'minutes' => $family->minutes,
                        ])
                        : Text::of("family/{$family->family->key()}.suits.{$want->value}");
            }
        }

        return [
            ...$sentences,
            ...array_map(
                fn (FamilyObjection $objection): string => Text::of("choice.families.{$objection->value}", [
                    'most' => $this->print->percent($family->most),
                    'step' => $this->print->percent($family->step),
                ]),
                $family->objections,
            ),
        ];
    }
}

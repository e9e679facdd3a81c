<?php

declare(strict_types=1);

namespace Yoke\Planning;

use Yoke\Adjuster\Setting;
use Yoke\Bars\FirstChance;
use Yoke\Bars\FirstSetting;
use Yoke\Estimation\KnownRig;
use Yoke\Estimation\RigPrior;
use Yoke\Head\BallHeight;
use Yoke\Head\School;
use Yoke\Head\ShankPlace;
use Yoke\Method\Band;
use Yoke\Probability\Normal;
use Yoke\Ratings\RatedLoad;
use Yoke\Readings\Height\HeightReading;
use Yoke\Readings\Height\StanceHeights;
use Yoke\Rig\Axle;
use Yoke\Rig\Stance;
use Yoke\Statics\Attitude;
use Yoke\Statics\CoupledRig;
use Yoke\Units\Angle;
use Yoke\Units\Length;
use Yoke\Units\Term;

/**
 * What is known of a set-up before a bar goes on. Predictions are for the ball as it stands; where nobody measured it,
 * for the ball as advised.
 */
final readonly class RigPlan
{
    private const USUAL_FENDER_MM = 900.0;

    private RigPrior $prior;

    private Normal $ballAdvised;

    public function __construct(private DescribedRig $rig, private Band $band)
    {
        $this->prior = $rig->prior();
        $this->ballAdvised = (new BallHeight($this->prior))->forCarried($band->middle(), Angle::zero());
    }

    /** Unloaded ball over level coupler so that the trailer ends level when carried, mm. */
    public function ballAdvised(): Normal
    {
        return $this->ballAdvised;
    }

    /** @return non-empty-list<Term> where the advised ball height comes from */
    public function ballDerivation(): array
    {
        return (new BallHeight($this->prior))->derivation($this->band->middle());
    }

    /** @return list<School> */
    public function schools(): array
    {
        return (new BallHeight($this->prior))->schools();
    }

    /** @return list<ShankPlace> where to bolt the head for the ball as advised, nearest first */
    public function shankPlaces(): array
    {
        return $this->rig->headPlaces()->for($this->ballAdvised->mean());
    }

    /** Where the head is bolted, or is to be where nobody measured the ball; null where the shank is not known. */
    public function headAsBolted(): ?ShankPlace
    {
        $stands = $this->rig->ballOverCoupler();

        return $stands === null ? $this->shankPlaces()[0] ?? null : $this->rig->headPlaces()->asBolted($stands);
    }

    /** How far the bars' eyes stand below their line at the head, mm, at the first setting; 0 where nobody taped it. */
    public function tipDrop(): float
    {
        $middle = $this->rig->adjusters()?->middle();

        return $middle === null ? 0.0 : $this->rig->inPlace()->barHang()?->tipDrop($middle)?->millimetres() ?? 0.0;
    }

    /** Taped heights, with the stances that are not taped yet as they are predicted from alone. */
    public function filledIn(StanceHeights $taped): StanceHeights
    {
        foreach ([[Stance::Dropped, $this->dropped()], [Stance::Carried, $this->carried()]] as [$stance, $attitude]) {
            $rises = ['front' => $attitude->frontRise(), 'rear' => $attitude->rearRise()];
            foreach (Axle::cases() as $axle) {
                $alone = $taped->at(Stance::Alone, $axle);
                if ($alone !== null && ! $taped->holdsBothEndsOf($stance)) {
                    $taped = $taped->with($stance, $axle, self::exactly($alone->height()->plus(Length::ofMillimetres($rises[$axle->value]))));
                }
            }
        }

        return $taped;
    }

    private static function exactly(Length $height): HeightReading
    {
        return HeightReading::of($height, 0.0, 0.0, 0.0);
    }

    public function dropped(): Attitude
    {
        return $this->likelyRig()->dropped();
    }

    /** As aimed at: the middle of the band. */
    public function carried(): Attitude
    {
        $rig = $this->likelyRig();

        return $rig->carried($rig->tensionFor($this->band->middle()));
    }

    /** @return list<RatedLoad> dropped and carried; a line that is the same in both stands once */
    public function ledger(): array
    {
        $ledger = $this->rig->ratings()->ledger();
        $lines = [];
        foreach (['dropped' => $this->dropped(), 'carried' => $this->carried()] as $stance => $attitude) {
            foreach ($ledger->lines($attitude, $stance, KnownRig::BARS) as $line) {
                $lines[$line->what] = $line;
            }
        }

        return array_values($lines);
    }

    /** @return list<FirstChance> best first; none while the hitch's family is not known */
    public function firstSettings(): array
    {
        return $this->firstSetting()?->ranked() ?? [];
    }

    /** @return list<Term> where the chance of a first setting comes from */
    public function settingTerms(FirstChance $chance): array
    {
        return $this->firstSetting()?->terms($chance) ?? [];
    }

    /** How far the chains lean to the rear of square at a setting, with the brackets in their place; null where it cannot be told. */
    public function chainLean(Setting $setting): ?Angle
    {
        $bracket = $this->rig->inPlace()->bracketPlace()->at;

        return $bracket === null ? null : $this->rig->inPlace()->barHang()?->chainLean($setting, $this->carried(), $bracket);
    }

    /** @return list<Term> where a setting's bar-tip clearance comes from */
    public function clearanceTerms(Setting $setting): array
    {
        return $this->rig->inPlace()->barHang()?->clearanceTerms($setting, $this->carried()) ?? [];
    }

    private function firstSetting(): ?FirstSetting
    {
        $adjusters = $this->rig->adjusters();

        return $adjusters === null
            ? null
            : new FirstSetting($this->prior, $adjusters, $adjusters->middle(), $this->band, $this->rig->inPlace()->barHang(), $this->ballOffset());
    }

    /** The three stances' fender heights as predicted, for drawing: from a usual height alone. */
    public function heights(): StanceHeights
    {
        $usual = self::exactly(Length::ofMillimetres(self::USUAL_FENDER_MM));

        return $this->filledIn(StanceHeights::none()->with(Stance::Alone, Axle::Front, $usual)->with(Stance::Alone, Axle::Rear, $usual));
    }

    /** The share of front axle load that levelling or air springs take back when they are on again; 0 without them. */
    public function takenBack(): float
    {
        $rig = $this->likelyRig();

        return $this->rig->takeBack($rig)?->lost($rig->tensionFor($this->band->middle())) ?? 0.0;
    }

    /** @return list<Term> where it comes from */
    public function takeBackTerms(): array
    {
        $rig = $this->likelyRig();

        return $this->rig->takeBack($rig)?->terms($rig->tensionFor($this->band->middle())) ?? [];
    }

    private function likelyRig(): CoupledRig
    {
        return $this->prior->likelyRig($this->ballOffset());
    }

    /** From the ball as the prior has it to the ball as it is predicted for, mm. */
    private function ballOffset(): float
    {
        return $this->rig->ballOverCoupler() === null ? $this->ballAdvised->mean() - $this->prior->known()->ballOverCoupler : 0.0;
    }
}

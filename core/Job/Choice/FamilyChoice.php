<?php

declare(strict_types=1);

namespace Yoke\Job\Choice;

use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\Suits;
use Yoke\Rig\Family\Want;

/**
 * Which family of hitch suits a rig and its use: what each restores, how fine and how quick its steps are, what it does
 * besides.
 */
final readonly class FamilyChoice
{
    /** Up to this share of the front axle load a step is a fine one; a coarse one above the second. */
    private const FINE = [0.1, 0.25];

    private const COARSE = 0.5;

    /** @param  TargetRange  $band  that is aimed at while measuring: what levelling takes back is in it */
    public function __construct(private SpecifiedRig $rig, private BarRange $bars, private TargetRange $band)
    {
    }

    /**
     * @return non-empty-list<FamilyCandidate> the best suited first, those that do not reach the range last; none is
     *     left out
     */
    public function ranked(Want ...$wants): array
    {
        $candidates = array_map(
            fn (HitchFamily $family): FamilyCandidate => $this->candidate($family, array_values($wants)),
            Families::distributing(),
        );
        $key = static fn (FamilyCandidate $one): array => [
            $one->isAgainst(FamilyObjection::LittleReach) ? 1 : 0,
            -$one->worth,
            $one->minutes,
            $one->step,
        ];
        usort(
            $candidates,
            static fn (FamilyCandidate $one, FamilyCandidate $other): int => $key($one) <=> $key($other),
        );

        return $candidates;
    }

    /** @param  list<Want>  $wants */
    private function candidate(HitchFamily $family, array $wants): FamilyCandidate
    {
        $fitted = HitchOffer::usual($family, $this->bars)->on($this->rig);
        $adjusters = $family->adjusters($family->facts()->usual);
        $prior = $fitted->prior();
        $rig = $prior->likelyRig();
        $tension = $rig->tensionFor($this->band->middle());
        $step =
            $rig->taut($tension + $adjusters->finestStep())->frontRestored() -
            $rig->taut($tension)->frontRestored();
        $most = $rig
            ->carried(
                $prior->likely(RigParameter::Tension->value) +
                    $adjusters->tensionBetween(
                        $adjusters->middle(),
                        self::tightest($adjusters),
                        $prior->known()->barArm,
                    ),
            )
            ->frontRestored();
        $objections = [
            ...$most < $this->band->from ? [FamilyObjection::LittleReach] : [],
            ...$step > self::COARSE * ($this->band->to - $this->band->from)
                ? [FamilyObjection::CoarseSteps]
                : [],
        ];
        $suits = [];
        foreach ($wants as $want) {
            $suits[$want->value] =
                $want === Want::FineSteps ? self::fineness($step) : $family->facts()->suits($want);
        }

        return new FamilyCandidate($family, $suits, $most, $step, $adjusters->stepMinutes(), $objections);
    }

    private static function fineness(float $step): Suits
    {
        return match (true) {
            $step <= self::FINE[0] => Suits::Well,
            $step <= self::FINE[1] => Suits::Partly,
            default => Suits::Poorly,
        };
    }

    /** Everything that bends the bars at its most. */
    private static function tightest(Adjusters $adjusters): Setting
    {
        $tightest = $adjusters->tightest($adjusters->middle());
        foreach ($adjusters->all() as $adjuster) {
            $tightest =
                $adjuster->role === Role::Tilt
                    ? $tightest->with($adjuster->key, $adjuster->range->to)
                    : $tightest;
        }

        return $tightest;
    }
}

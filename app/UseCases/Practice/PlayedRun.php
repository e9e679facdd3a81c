<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use App\Models\PracticeAct;
use App\Models\PracticeRun;
use App\Models\RigSnapshot;
use Yoke\Job\Shop\ShopRules;
use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\ExerciseSampler;
use Yoke\Proving\Practice\Exercise\HiddenRig;
use Yoke\Proving\Practice\Exercise\PracticeRig;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Specification\RigPart;

/** A kept run with its exercise drawn again, and played as far as it was. */
final readonly class PlayedRun
{
    private function __construct(public PracticeRun $kept, public Run $run)
    {
    }

    public static function of(PracticeRun $kept): self
    {
        $acts = $kept->acts->map(static fn (PracticeAct $act): Act => Act::ofArray($act->act))->values()->all();

        return new self($kept, Run::replayed(self::exercise($kept), $acts));
    }

    /** Drawn by the usual doubts, so that a code is the same rig in every shop. */
    public static function exercise(PracticeRun $kept): Exercise
    {
        $own = $kept->ownRig();

        return (new ExerciseSampler(ShopRules::usual()->priors))->draw(
            $kept->exerciseCode(),
            $own === null ? null : self::rig($own),
        );
    }

    public static function rig(RigSnapshot $own): PracticeRig
    {
        $ball = $own->values(RigPart::Hitch)->number('ball_height_mm');
        $turned = $ball === null ? $own : $own->withBallAt($ball + HiddenRig::SHANK_MM);

        $doubts = ShopRules::usual()->priors;

        return new PracticeRig($own->core(), $own->described($doubts), $turned->described($doubts));
    }
}

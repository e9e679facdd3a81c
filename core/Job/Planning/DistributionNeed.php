<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Judgement\Ratings\RatedPart;
use Yoke\Rig\Parts\Stance;

/**
 * Whether a rig needs weight distribution: what the vehicle's maker says, which rating ends without it, how light the
 * front gets.
 */
final readonly class DistributionNeed
{
    /**
     * A front axle that loses so much of what it carries alone steers and brakes less: a judgement of the trade, not a
     * rule.
     */
    private const LIGHT = 0.1;

    /** What distribution takes load off, or is rated higher with. */
    private const HELPED = [RatedPart::ReceiverTongue, RatedPart::RearAxle, RatedPart::RearTyre];

    public function __construct(private SpecifiedRig $rig, private RigPlan $plan)
    {
    }

    public function answer(): NeedAnswer
    {
        $maker = $this->rig->sheets->makersWord()?->kind();

        return match (true) {
            $maker === 'forbids' => NeedAnswer::Forbidden,
            $maker === 'required' => NeedAnswer::Required,
            $this->ratingsThatEnd() !== [] => NeedAnswer::RatingEnds,
            ($this->frontLostShare() ?? 0.0) > self::LIGHT => NeedAnswer::FrontLight,
            $this->frontLostShare() === null => NeedAnswer::FrontNotWeighed,
            default => NeedAnswer::NotNeeded,
        };
    }

    /** What coupling takes off the front axle. */
    public function frontLost(): Load
    {
        return $this->plan->dropped()->frontLoad()->negated();
    }

    /** The same of what it carries alone; null where that was not weighed. */
    public function frontLostShare(): ?float
    {
        $alone = $this->rig->sheets->frontAxleAlone()?->kilograms();

        return $alone === null ? null : $this->frontLost()->kilograms() / $alone;
    }

    /**
     * @return list<RatedLoad> what is over its rating with the tongue on a plain ball, and would not be, or less, with
     *     bars
     */
    public function ratingsThatEnd(): array
    {
        return array_values(
            array_filter(
                $this->plan->ledger(),
                static fn (RatedLoad $line): bool => $line->isOutside() &&
                    ($line->stance === null || $line->stance === Stance::Dropped) &&
                    in_array($line->part, self::HELPED, true),
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Job\History;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Length;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;

/**
 * Why a setting moved between two set-ups: each change of load alone, on the rig of the earlier one as its readings
 * tell
 * it, against the tension that puts back the same share (docs/model.md, Why a setting moved).
 */
final readonly class WhyItMoved
{
    /** Deviations beyond which chance is no explanation. */
    private const SURE = 2.0;

    /**
     * @param  CoupledRig  $rig  of the earlier set-up, with what it had on board
     * @param  float  $tension  that was on, mm
     * @param  float  $step  tension of one step of the small adjuster, mm; above 0
     */
    public function __construct(private CoupledRig $rig, private float $tension, private float $step)
    {
    }

    /**
     * @param  list<Item>  $before
     * @param  list<Item>  $after
     * @return list<LoadCause> what moves the tongue weight most first
     *
     * @throws ImpossibleModel when a change lifts the tongue off the ball
     */
    public function causes(array $before, array $after): array
    {
        $causes = array_map(
            fn (ItemChange $change): LoadCause => new LoadCause(
                $change,
                $change->load()->tongue(Length::ofMillimetres($this->rig->trailer()->ballToAxle)),
                $this->steps($change->load()),
            ),
            ItemChange::between($before, $after),
        );
        usort(
            $causes,
            static fn (LoadCause $one, LoadCause $other): int => $other->tongue->absolute()->kilograms() <=>
                $one->tongue->absolute()->kilograms(),
        );

        return $causes;
    }

    /**
     * What all of them together ask for, in steps; more is tighter.
     *
     * @param  list<Item>  $before
     * @param  list<Item>  $after
     *
     * @throws ImpossibleModel
     */
    public function inAll(array $before, array $after): float
    {
        return $this->steps(LoadChange::between($before, $after));
    }

    /**
     * The share that the rig would restore with what travels now, if nothing else had changed.
     *
     * @param  list<Item>  $before
     * @param  list<Item>  $after
     * @param  float  $more  tension of the setting that is on now over the earlier one, mm
     *
     * @throws ImpossibleModel
     */
    public function leaves(array $before, array $after, float $more): float
    {
        $load = LoadChange::between($before, $after);

        return $load
            ->on($this->rig)
            ->taut($this->tension + $load->tension($this->rig) + $more)
            ->frontRestored();
    }

    /**
     * Whether what was read may be that share, as sure as the readings of both set-ups are.
     *
     * @param  float  $leaves  share that load and setting would leave
     */
    public static function explains(float $leaves, Normal $before, Normal $now): bool
    {
        return abs($now->mean() - $leaves) <= self::SURE * hypot($now->deviation(), $before->deviation());
    }

    private function steps(LoadChange $load): float
    {
        $share = $this->rig->taut($this->tension)->frontRestored();

        return ($load->on($this->rig)->tensionFor($share) - $this->tension - $load->tension($this->rig)) / $this->step;
    }
}

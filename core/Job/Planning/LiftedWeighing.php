<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Weighing\Exception\ImpossibleTicket;
use Yoke\Measuring\Readings\Weighing\PlatformLoad;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Measuring\Readings\Weighing\Weighing;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\LevellingLoss;

/**
 * A rig weighed carried as it goes on the road, self-levelling or air springs on: what it finds restored is the answer.
 * Against the share without them it tells what they take back on this rig; alone it stands in for a weighing without
 * them (docs/model.md, Weighed with levelling on).
 */
final readonly class LiftedWeighing
{
    /** How far the foretold loss is trusted where nothing else was read: one deviation, as a share of it. */
    private const DOUBT = 0.3;

    private function __construct(private Ticket $lifted, private Normal $left, private LevellingLoss $loss)
    {
    }

    /** Null where the three tickets do not tell what is left. */
    public static function of(Ticket $alone, Ticket $dropped, Ticket $lifted, LevellingLoss $loss): ?self
    {
        $left = (new Weighing($alone, $dropped))->restored($lifted);

        return $left === null ? null : new self($lifted, $left, $loss);
    }

    /** Share of the front axle load restored on the road, as it was weighed. */
    public function left(): Normal
    {
        return $this->left;
    }

    /**
     * What levelling or air would take by the model, a share.
     *
     * @param  CoupledRig  $off  without it
     * @param  float  $tension  mm
     */
    public function foretold(CoupledRig $off, float $tension): float
    {
        return $this->loss->lost($off, $tension);
    }

    /**
     * What it took, as a factor of what the model foretells; 1 where the model foretells nothing.
     *
     * @param  CoupledRig  $off  without it, as everything else tells it
     * @param  float  $tension  of the setting that was weighed, as everything else tells it, mm
     */
    public function factor(CoupledRig $off, float $tension): float
    {
        $foretold = $this->foretold($off, $tension);
        $share = $off->carried($tension)->frontRestored();

        return $foretold <= 0.0 ? 1.0 : max(0.0, $share - $this->left->mean()) / $foretold;
    }

    /**
     * The ticket as it would read without levelling or air, by the model, and doubted so much more; null where no such
     * ticket can be.
     */
    public function asOff(CoupledRig $off): ?Ticket
    {
        $tension = $this->tension($off);
        [$without, $with] = [$off->carried($tension), $this->loss->on($off)->carried($tension)];
        $shift = fn (WeighedAxle $axle): Load => self::on($axle, $without)->minus(self::on($axle, $with));
        $platforms = [];
        foreach ($this->lifted->platforms as $platform) {
            $load = $platform->load;
            foreach ($platform->axles as $axle) {
                $load = $load->plus($shift($axle));
            }
            $platforms[] = new PlatformLoad($platform->axles, $load);
        }
        $doubt = hypot($this->lifted->doubtKilograms(), self::DOUBT * $shift(WeighedAxle::Front)->kilograms());
        try {
            return Ticket::of(
                $this->lifted->stance,
                $platforms,
                null,
                Load::ofKilograms($doubt * sqrt(12.0)),
                $this->lifted->time,
                $this->lifted->unit,
            );
        } catch (ImpossibleTicket) {
            return null;
        }
    }

    /** At which the model leaves what was weighed, mm. */
    private function tension(CoupledRig $off): float
    {
        return max(0.0, $this->loss->on($off)->tensionFor(max(0.0, $this->left->mean())));
    }

    private static function on(WeighedAxle $axle, Attitude $attitude): Load
    {
        return match ($axle) {
            WeighedAxle::Front => $attitude->frontLoad(),
            WeighedAxle::Rear => $attitude->rearLoad(),
            WeighedAxle::Trailer => $attitude->trailerLoad(),
        };
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Run;

use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\FaultEffects;
use Yoke\Proving\Practice\Exercise\Noise;
use Yoke\Proving\Practice\Exercise\Situation;
use Yoke\Proving\Practice\Reading\TakenWeight;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Proving\Practice\Tape\TapePicture;
use Yoke\Proving\Simulation\RandomSource;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** What tape, scales and gauges show of an exercise's rig. Who does the same at the same rig meets the same noise. */
final readonly class Instruments
{
    /** Share of the friction that is left after rolling forward and back. */
    private const LEFT_AFTER_ROLLING = 0.25;

    private const BRIDGE_STEP_KG = 10.0;

    private const BRIDGE_KG = 3.0;

    private const SCALE_SHARE = 0.02;

    private const GAUGE_SHARE = 0.02;

    public function __construct(private Exercise $exercise)
    {
    }

    /**
     * Where an edge came to stand, mm.
     *
     * @param  int  $time  which standing of this stance and hitch it is, from 1
     */
    public function stood(Situation $now, Axle $axle, int $time): float
    {
        $hidden = $this->exercise->hidden;
        $sticks = $hidden->sticks($axle) * ($now->isRolled ? self::LEFT_AFTER_ROLLING : 1.0);

        return $this->rest($now, $axle) +
            $sticks * $this->noise($now, $time, $axle === Axle::Front ? 1 : 2)->between(-1.0, 1.0);
    }

    /** The same without friction, mm. */
    public function rest(Situation $now, Axle $axle): float
    {
        return $this->exercise->hidden->height($now->stance(), $axle, $now->hitch, $now->faults);
    }

    /** The tape at an edge as an eye sees it. */
    public function tape(Situation $now, Axle $axle, Eye $eye, int $time): TapePicture
    {
        $gap = $this->exercise->code->level->hasParallax() ? $this->exercise->tapeGap : 0.0;

        return TapePicture::of($this->stood($now, $axle, $time), $eye, $gap);
    }

    public function weigh(Situation $now, int $time): TakenWeight
    {
        $noise = $this->noise($now, $time, 3);
        $loads = array_map(
            static fn (float $load): float => round(($load + $noise->normal(self::BRIDGE_KG)) / self::BRIDGE_STEP_KG) *
                self::BRIDGE_STEP_KG,
            $this->exercise->hidden->loads($now->stance(), $now->hitch, $now->faults),
        );

        return TakenWeight::of(ActKind::Weigh, $now->stance(), $now->hitch, $loads);
    }

    public function tongue(Situation $now, int $time): TakenWeight
    {
        $weight =
            $this->exercise->hidden->tongueWeight($now->faults) *
            (1.0 + $this->noise($now, $time, 4)->normal(self::SCALE_SHARE));

        return TakenWeight::of(ActKind::WeighTongue, Stance::Alone, $now->hitch, ['tongue' => round($weight)]);
    }

    public function gauge(Situation $now, int $time): TakenWeight
    {
        $stand = $this->exercise->hidden->stand($now->stance(), $now->hitch, $now->faults);
        $aboard = (new FaultEffects($now->faults))->disturbance($now->stance(), 0.0)->cabKg;
        $load =
            ($stand->frontLoad + $stand->rearLoad - $aboard + $stand->barLoad) *
            (1.0 + $this->noise($now, $time, 5)->normal(self::GAUGE_SHARE));

        return TakenWeight::of(ActKind::Gauge, $now->stance(), $now->hitch, ['ball' => round($load / 2.0) * 2.0]);
    }

    private function noise(Situation $now, int $time, int $of): RandomSource
    {
        $code = $this->exercise->code;
        $hitch = 0;
        foreach ($now->hitch->setting->steps() as $step) {
            $hitch = $hitch * 64 + (int) round(2.0 * $step);
        }
        $stance = match ($now->stance()) {
            Stance::Alone => 1,
            Stance::Dropped => 2,
            Stance::Carried => 3,
        };

        return Noise::at(
            $code->level->value,
            $code->seed,
            $stance,
            $now->stance() === Stance::Carried ? $hitch + 1 : 0,
            $time,
            $of,
        );
    }
}

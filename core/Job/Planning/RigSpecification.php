<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Units\Bounds;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Head\HeadPlaces;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Prior\RigDimension;
use Yoke\Measuring\Readings\Weighing\TicketSet;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Statics\LevellingLoss;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Counting;
use Yoke\Rig\Adjuster\LinkSteps;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\HitchMeasures;
use Yoke\Rig\Parts\Check\Problems;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Levelling;
use Yoke\Rig\Parts\LiftUse;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Specification\BracketRange;
use Yoke\Rig\Specification\SpecificationSheet;

/** The three sheets of a rig, and what they say by themselves: nothing is taken as usual here but its dimensions. */
final readonly class RigSpecification
{
    /** No sheet asks for more of the front axle load than this. */
    private const MOST_PERCENT = 200.0;

    /**
     * @param  list<RigDimension>  $assumed  dimensions that nobody measured: the rig has what is usual in their place
     */
    public function __construct(
        public Rig $rig,
        public SpecificationSheet $vehicle,
        public SpecificationSheet $trailer,
        public SpecificationSheet $hitch,
        public array $assumed = [],
    ) {
    }

    /**
     * The same rig as a weighbridge found it: measured beats what was assumed or written on a sheet.
     *
     * @param  LoadChange|null  $aboard  what stood on the scale besides
     */
    public function weighed(TicketSet $tickets, ?LoadChange $aboard): self
    {
        $wheelbase = $this->rig->vehicle->wheelbase;
        $axles = [];
        foreach (
            [
                'front_axle_kg' => [$tickets->alone(WeighedAxle::Front), $aboard?->front($wheelbase)],
                'rear_axle_kg' => [$tickets->alone(WeighedAxle::Rear), $aboard?->rear($wheelbase)],
            ] as $key => [$weighed, $more]
        ) {
            if ($weighed !== null) {
                $axles[$key] = $weighed->minus($more ?? Load::zero())->kilograms();
            }
        }
        $gross = $tickets->gross()?->minus($aboard?->trailer() ?? Load::zero());
        $trailer = $this->rig->trailer;

        return new self(
            Rig::of(
                $this->rig->vehicle,
                Trailer::of($trailer->body, $trailer->axles, $trailer->ballToAxle, $gross ?? $trailer->grossWeight),
                $this->rig->hitch,
            ),
            $this->vehicle->with($axles),
            $this->trailer,
            $this->hitch,
            $gross === null ? $this->assumed : $this->assumedBut(RigDimension::GrossWeight),
        );
    }

    /**
     * The same vehicle and trailer with another hitch, as its specification describes it.
     *
     * @param  Length|null  $barArm  null where nobody measured it: the usual one is assumed
     */
    public function withHitch(SpecificationSheet $hitch, ?Length $barArm): self
    {
        $rig = Rig::of(
            $this->rig->vehicle,
            $this->rig->trailer,
            Hitch::of($barArm ?? BracketRange::assumedArm($hitch)),
        );
        $assumed = $this->assumedBut(RigDimension::BarArm);

        return new self(
            $rig,
            $this->vehicle,
            $this->trailer,
            $hitch,
            $barArm === null ? [...$assumed, RigDimension::BarArm] : $assumed,
        );
    }

    /** Null until it is known. */
    public function family(): ?HitchFamily
    {
        $family = $this->hitch->text('family');

        return $family === null ? null : Families::get($family);
    }

    /** Whether the coupler sits on a plain ball: nothing distributes its load. */
    public function isPlainBall(): bool
    {
        return $this->family()?->facts()->takeUp->distributes() === false;
    }

    /** Null until the hitch's family is known, and on a plain ball. */
    public function adjusters(): ?Adjusters
    {
        $family = $this->isPlainBall() ? null : $this->family();
        $usual = $family?->facts()->usual ?? new HitchMeasures();

        return $family?->adjusters(
            new HitchMeasures(
                $this->hitch->number('pitch_mm') ?? $usual->pitchMm,
                $this->hitch->number('steps') ?? $usual->steps,
                $this->hitch->number('tilt_deg') ?? $usual->tiltDegrees,
                $this->hitch->number('tilt_steps') ?? $usual->tiltSteps,
                $this->hitch->number('head_hole_mm') ?? $usual->headHoleMm,
                ($this->hitch->number('head_holes') ?? $usual->headHoles + 1) - 1,
                Counting::tryFrom((string) $this->hitch->text('counting')) ?? $usual->counting,
                LinkSteps::tryFrom((string) $this->hitch->text('link_steps')) ?? $usual->linkSteps,
            ),
        );
    }

    public function levelling(): Levelling
    {
        return Levelling::tryFrom((string) $this->vehicle->text('levelling')) ?? Levelling::None;
    }

    /** What is switched on or pumped up for the road once the bars are set; null where nothing is. */
    public function levellingLoss(): ?LevellingLoss
    {
        if (LiftUse::tryFrom((string) $this->vehicle->text('lift_use')) === LiftUse::StaysOff) {
            return null;
        }
        $lift = $this->vehicle->number('air_lift_mm') ?? 0.0;
        $rate = $this->vehicle->number('air_rate_kg_per_mm') ?? 0.0;

        return match (true) {
            $this->levelling() === Levelling::AllCorners => LevellingLoss::ofAllCorners(),
            $this->levelling() === Levelling::Rear => LevellingLoss::ofTheRear(),
            $lift + $rate > 0.0 => LevellingLoss::ofAir($rate, $lift),
            default => null,
        };
    }

    public function makersWord(): ?ManufacturerPolicy
    {
        return ManufacturerPolicy::of($this->vehicle, $this->rig->trailer->grossWeight);
    }

    /** What the hitch's maker asks for, where that is more than full return: a share; null where it does not. */
    public function makersMostRestored(): ?float
    {
        $percent = $this->hitch->number('maker_restored_percent');

        return $percent === null || $percent <= 100.0 ? null : $percent / 100.0;
    }

    /** The restored share at which the sway control works by its own data sheet; null where that gives none. */
    public function swayControlRange(): ?Bounds
    {
        $from = $this->hitch->number('sway_from_percent');
        $to = $this->hitch->number('sway_to_percent');

        return $from === null && $to === null
            ? null
            : new Bounds(($from ?? 0.0) / 100.0, ($to ?? self::MOST_PERCENT) / 100.0);
    }

    /** The vehicle maker's range before the shop's, up to what the hitch's maker asks for. */
    public function range(TargetRange $shops): TargetRange
    {
        $band = $this->makersWord()?->band() ?? $shops;
        $most = $this->makersMostRestored();

        return $most !== null && $most > $band->from ? $band->upToMakers($most) : $band;
    }

    public function headPlaces(): HeadPlaces
    {
        return new HeadPlaces($this->vehicle, $this->trailer, $this->hitch);
    }

    /** What the vehicle's front axle carries alone; null where nobody weighed it. */
    public function frontAxleAlone(): ?Load
    {
        return $this->vehicle->load('front_axle_kg');
    }

    /** @return list<Tank> */
    public function tanks(): array
    {
        return Tank::of($this->trailer);
    }

    /** Between the fore and the aft frame mark; null where the trailer's sheet does not say. */
    public function frameMarksApart(): ?Length
    {
        $aft = $this->trailer->length('aft_mark_mm');

        return $aft === null ? null : $this->trailer->length('fore_mark_mm')?->plus($aft);
    }

    public function ballToAxle(): Length
    {
        return $this->rig->trailer->ballToAxle;
    }

    /** What the fields of a sheet, each possible alone, cannot be together. */
    public function check(Problems $problems): void
    {
        (new SheetChecks(
            $this->vehicle,
            $this->trailer,
            $this->hitch,
            $this->rig->trailer->grossWeight->kilograms(),
        ))->check($problems);
    }

    /** @return list<RigDimension> */
    private function assumedBut(RigDimension $measured): array
    {
        return array_values(
            array_filter($this->assumed, static fn (RigDimension $dimension): bool => $dimension !== $measured),
        );
    }
}

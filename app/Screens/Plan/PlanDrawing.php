<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Models\Rig;
use App\Models\RigSnapshot;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\QuantityWords;
use App\Words\RigWords;
use App\Words\Text;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Term;
use Yoke\Job\Planning\ForetoldHeights;
use Yoke\Job\Planning\HeightTerms;
use Yoke\Job\Planning\RigPlan;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Showing\Drawing\HitchSet;
use Yoke\Showing\Drawing\LoadArrow;
use Yoke\Showing\Drawing\LoadKnown;

/** The rig of a plan as it is drawn: heights and loads as weighed, else as predicted. */
final readonly class PlanDrawing
{
    public function __construct(
        private RigSnapshot $worked,
        private SpecifiedRig $described,
        private RigPlan $plan,
        private ?AnalysedJob $job,
        private QuantityWords $print,
    ) {
    }

    /** The rig in its three stances as predicted. */
    public function elevation(): Elevation
    {
        return new Elevation($this->worked->core(), $this->heights(), 1.0, $this->hitch());
    }

    /** How the hitch is drawn: the bend of the bars as predicted, the brackets, the shank. */
    public function hitch(): HitchSet
    {
        return (new DrawnHitch($this->described, $this->plan))->set($this->carried());
    }

    /** @return list<LoadArrow> what each axle carries in a stance: as weighed, else as the model has it */
    public function arrows(Elevation $elevation, Stance $stance = Stance::Carried): array
    {
        return (new DrawnLoads($this->described))->under(
            $elevation,
            $this->attitude($stance),
            $this->job?->tickets->in($stance),
        );
    }

    /** Null for the vehicle alone. */
    private function attitude(Stance $stance): ?Attitude
    {
        return match ($stance) {
            Stance::Alone => null,
            Stance::Dropped => $this->dropped(),
            Stance::Carried => $this->carried(),
        };
    }

    private function dropped(): Attitude
    {
        return $this->job?->dropped() ?? $this->plan->dropped();
    }

    private function carried(): Attitude
    {
        return $this->job?->carried() ?? $this->plan->carried();
    }

    /** Where the fenders stand, for drawing: from a usual height alone. */
    public function heights(): StanceHeights
    {
        return (new ForetoldHeights($this->dropped(), $this->carried()))->fromUsual();
    }

    /** What an arrow says: the load, or its change where the vehicle was not weighed. */
    public function arrowSays(LoadArrow $arrow): string
    {
        return match (true) {
            $arrow->known === LoadKnown::Weighed => $this->print->load($arrow->load),
            $arrow->known === LoadKnown::InAll => '≈ '.$this->print->about($arrow->load),
            abs($arrow->load->kilograms()) < 0.5 => Text::of('drawing.not_weighed'),
            default => $this->print->aboutChange($arrow->load),
        };
    }

    /** @return non-empty-list<array{Stance, list<LoadArrow>}> for the table behind the drawing */
    public function loads(Elevation $elevation): array
    {
        return array_map(
            fn (Stance $stance): array => [$stance, $this->arrows($elevation, $stance)],
            Stance::cases(),
        );
    }

    /** How far a fender rises from alone, as predicted. */
    public function rise(Stance $stance, Axle $axle): string
    {
        $attitude = $this->attitude($stance);

        return $this->print->change(
            ($axle === Axle::Front ? $attitude?->frontRise() : $attitude?->rearRise())?->millimetres() ?? 0.0,
        );
    }

    /** @return array<string, list<Term>> where the predicted fender heights come from */
    public function heightTerms(): array
    {
        $groups = [];
        foreach ([[Stance::Dropped, $this->dropped()], [Stance::Carried, $this->carried()]] as [$stance, $attitude]) {
            foreach (Axle::cases() as $axle) {
                $groups[RigWords::head($stance).', '.RigWords::axle($axle)] = HeightTerms::of(
                    $attitude,
                    $axle,
                );
            }
        }

        return $groups;
    }
}

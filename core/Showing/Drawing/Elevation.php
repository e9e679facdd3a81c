<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Stance;
use Yoke\Showing\Drawing\Body\HitchFrame;
use Yoke\Showing\Drawing\Body\Profiles;
use Yoke\Showing\Drawing\Body\TrailerFrame;
use Yoke\Showing\Drawing\Body\TrailerProfile;
use Yoke\Showing\Drawing\Body\VehicleFrame;
use Yoke\Showing\Drawing\Body\VehicleProfile;

/**
 * The side elevation of a rig to scale, its stances laid over each other, in mm: x behind the front axle, y above
 * the ground. The vehicle stands as its fenders were taped; the trailer follows the ball and turns about its axle
 * group.
 */
final class Elevation
{
    private readonly VehicleProfile $vehicleProfile;

    private readonly TrailerProfile $trailerProfile;

    private readonly VehicleFrame $vehicleFrame;

    private readonly TrailerFrame $trailerFrame;

    /** @var non-empty-list<Figure> the vehicle standing alone */
    private readonly array $vehicle;

    /** @var non-empty-list<Figure> the trailer standing level; x is mm behind the ball */
    private readonly array $trailer;

    private readonly HitchFrame $hitchFrame;

    /** @var non-empty-list<Figure> shank, head and ball, with the vehicle standing alone */
    private readonly array $hitchOnVehicle;

    /** @var array<string, StanceFigures> by stance, those drawn already */
    private array $figures = [];

    /**
     * @param  float  $magnification how much larger than true the changes of height and the bend of the bars are drawn;
     *     1 is to scale
     */
    public function __construct(
        Rig $rig,
        private readonly StanceHeights $heights,
        private readonly float $magnification,
        HitchSet $hitch = new HitchSet(),
    ) {
        $this->hitchFrame = new HitchFrame($hitch, $rig->hitch->barArm->millimetres());
        $this->vehicleProfile = Profiles::ofVehicle($rig->vehicle->body);
        $this->trailerProfile = Profiles::ofTrailer($rig->trailer->body);
        $this->vehicleFrame = new VehicleFrame(
            $rig->vehicle->wheelbase->millimetres(),
            $rig->vehicle->overhang->millimetres(),
            $this->aloneArch(Axle::Front),
            $this->aloneArch(Axle::Rear),
            $this->vehicleProfile->wheelRadius(),
        );
        $this->trailerFrame = new TrailerFrame(
            $rig->trailer->ballToAxle->millimetres(),
            $rig->hitch->barArm->millimetres(),
            $rig->trailer->axles,
            $this->trailerProfile->wheelRadius(),
        );
        $this->vehicle = $this->vehicleProfile->figures($this->vehicleFrame);
        $this->trailer = [$this->trailerFrame->aFrame(), ...$this->trailerProfile->figures($this->trailerFrame)];
        $this->hitchOnVehicle = $this->hitchFrame->onVehicle($this->vehicleFrame->tail() - $this->ballPlace());
    }

    /** @return non-empty-list<StanceFigures> alone always; the others as soon as both of their ends are taped */
    public function stances(): array
    {
        return array_map($this->draw(...), $this->drawn());
    }

    /**
     * @param  list<Stance>  $but  those that need no drawing
     * @return list<StanceFigures>
     */
    public function stancesBut(array $but): array
    {
        return array_map(
            $this->draw(...),
            array_values(
                array_filter($this->drawn(), static fn (Stance $stance): bool => ! in_array($stance, $but, true)),
            ),
        );
    }

    /** The stance that the rig was taped in last, in the order of the job. */
    public function latest(): StanceFigures
    {
        $drawn = $this->drawn();

        return $this->draw($drawn[count($drawn) - 1]);
    }

    /** @return list<Wheel> front to back */
    public function wheels(): array
    {
        $wheels = [
            new Wheel(0.0, $this->vehicleFrame->wheelRadius),
            new Wheel($this->vehicleFrame->wheelbase, $this->vehicleFrame->wheelRadius),
        ];
        foreach ($this->trailerFrame->axlePlaces() as $place) {
            $wheels[] = new Wheel($this->ballPlace() + $place, $this->trailerFrame->wheelRadius);
        }

        return $wheels;
    }

    /** Where the vehicle's axles stand. */
    public function axleX(Axle $axle): float
    {
        return $axle === Axle::Front ? 0.0 : $this->vehicleFrame->wheelbase;
    }

    /** Where the middle of the trailer's axle group stands. */
    public function trailerAxlesX(): float
    {
        return $this->ballPlace() + $this->trailerFrame->ballToAxle;
    }

    public function noseX(): float
    {
        return $this->vehicleFrame->nose();
    }

    public function tailX(): float
    {
        return $this->ballPlace() + $this->trailerFrame->tail();
    }

    /** As high as any stance reaches, with room for a trailer's tail that rises as its ball sinks. */
    public function topY(): float
    {
        $top = max($this->vehicleTopY(), self::top($this->trailer));
        $sink = max(array_map(fn (Stance $stance): float => -$this->rise($stance, Axle::Rear), $this->drawn()));

        return $top + max(0.0, $sink / 2);
    }

    /** As high as the vehicle stands alone. */
    public function vehicleTopY(): float
    {
        return self::top($this->vehicle);
    }

    /** @param  non-empty-list<Figure>  $figures */
    private static function top(array $figures): float
    {
        $top = 0.0;
        foreach ($figures as $figure) {
            foreach ($figure->points as $point) {
                $top = max($top, $point->y);
            }
        }

        return $top;
    }

    /** @return non-empty-list<Stance> */
    private function drawn(): array
    {
        $drawn = [Stance::Alone];
        foreach ([Stance::Dropped, Stance::Carried] as $stance) {
            if ($this->heights->holdsBothEndsOf(Stance::Alone) && $this->heights->holdsBothEndsOf($stance)) {
                $drawn[] = $stance;
            }
        }

        return $drawn;
    }

    private function draw(Stance $stance): StanceFigures
    {
        return $this->figures[$stance->value] ??= $this->drawAnew($stance);
    }

    private function drawAnew(Stance $stance): StanceFigures
    {
        $onVehicle = $this->vehicleMove($stance);
        $onTrailer = $this->trailerMove($stance);

        return new StanceFigures(
            $stance,
            array_map(static fn (Figure $figure): Figure => $figure->moved($onVehicle), $this->vehicle),
            array_map(static fn (Figure $figure): Figure => $figure->moved($onTrailer), $this->trailer),
            $this->hitch($stance),
            [
                'front' => $onVehicle(new Point(0.0, $this->vehicleFrame->frontArch)),
                'rear' => $onVehicle(new Point($this->vehicleFrame->wheelbase, $this->vehicleFrame->rearArch)),
            ],
        );
    }

    /** @return list<Figure> shank, head and ball; and the bars when the rig is carried */
    private function hitch(Stance $stance): array
    {
        $ball = $this->ballPlace();
        $onVehicle = $this->vehicleMove($stance);
        $behindBall = static fn (Point $point): Point => $onVehicle(new Point($ball + $point->x, $point->y));
        $figures = array_map(static fn (Figure $figure): Figure => $figure->moved($behindBall), $this->hitchOnVehicle);
        if ($stance !== Stance::Carried) {
            return $figures;
        }
        $onTrailer = $this->trailerMove($stance);

        return [
            ...$figures,
            ...array_map(
                static fn (Figure $figure): Figure => $figure->moved($onTrailer),
                $this->hitchFrame->onTrailer($this->magnification),
            ),
        ];
    }

    /** @return \Closure(Point): Point */
    private function vehicleMove(Stance $stance): \Closure
    {
        $front = $this->rise($stance, Axle::Front);
        $slope = ($this->rise($stance, Axle::Rear) - $front) / $this->vehicleFrame->wheelbase;

        return static fn (Point $point): Point => new Point($point->x, $point->y + $front + $slope * $point->x);
    }

    /**
     * From mm behind the ball of a level trailer to its place in the drawing.
     *
     * @return \Closure(Point): Point
     */
    private function trailerMove(Stance $stance): \Closure
    {
        $ball = $this->ballPlace();
        $sink = $this->vehicleMove($stance)(new Point($ball, 0.0))->y;
        $length = $this->trailerFrame->ballToAxle;

        return static fn (
            Point $point,
        ): Point => new Point($ball + $point->x, $point->y + $sink * (1 - $point->x / $length));
    }

    /** As drawn: mm times the magnification. */
    private function rise(Stance $stance, Axle $axle): float
    {
        return $this->magnification * ($this->heights->rise($stance, $axle)?->millimetres() ?? 0.0);
    }

    private function ballPlace(): float
    {
        return $this->vehicleFrame->wheelbase + $this->vehicleFrame->overhang;
    }

    private function aloneArch(Axle $axle): float
    {
        return $this->heights->at(Stance::Alone, $axle)?->height()->millimetres() ?? $this->vehicleProfile->usualArch();
    }
}

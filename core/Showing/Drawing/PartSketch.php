<?php

declare(strict_types=1);

namespace Yoke\Showing\Drawing;

use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Showing\Drawing\Body\HitchFrame;
use Yoke\Showing\Drawing\Body\Profiles;
use Yoke\Showing\Drawing\Body\TrailerFrame;
use Yoke\Showing\Drawing\Body\VehicleFrame;

/** One part of a rig to scale, by itself: mm, y above the ground. */
final readonly class PartSketch
{
    /** The hitch's receiver stub and head reach so far ahead of the ball. */
    private const STUB_MM = 320.0;

    /**
     * @param  non-empty-list<Figure>  $figures
     * @param  list<Wheel>  $wheels
     */
    private function __construct(public array $figures, public array $wheels)
    {
    }

    public static function ofVehicle(Vehicle $vehicle): self
    {
        $profile = Profiles::ofVehicle($vehicle->body);
        $arch = $profile->usualArch();
        $frame = new VehicleFrame(
            $vehicle->wheelbase->millimetres(),
            $vehicle->overhang->millimetres(),
            $arch,
            $arch,
            $profile->wheelRadius(),
        );

        return new self($profile->figures($frame), [
            new Wheel(0.0, $frame->wheelRadius),
            new Wheel($frame->wheelbase, $frame->wheelRadius),
        ]);
    }

    public static function ofTrailer(Trailer $trailer): self
    {
        $profile = Profiles::ofTrailer($trailer->body);
        $length = $trailer->ballToAxle->millimetres();
        $frame = new TrailerFrame($length, 0.14 * $length, $trailer->axles, $profile->wheelRadius());

        return new self(
            [$frame->aFrame(), ...$profile->figures($frame)],
            array_map(static fn (float $x): Wheel => new Wheel($x, $frame->wheelRadius), $frame->axlePlaces()),
        );
    }

    public static function ofHitch(Hitch $hitch, HitchSet $set): self
    {
        $frame = new HitchFrame($set, $hitch->barArm->millimetres());

        return new self([...$frame->onVehicle(-self::STUB_MM), ...$frame->onTrailer(1.0)], []);
    }

    /** @return array{left: float, right: float, bottom: float, top: float} of everything drawn */
    public function bounds(): array
    {
        $x = [];
        $y = [];
        foreach ($this->figures as $figure) {
            foreach ($figure->points as $point) {
                $x[] = $point->x;
                $y[] = $point->y;
            }
        }

        return [
            'left' => min(0.0, ...$x),
            'right' => max(0.0, ...$x),
            'bottom' => $this->wheels === [] ? min(INF, ...$y) : 0.0,
            'top' => max(0.0, ...$y),
        ];
    }
}

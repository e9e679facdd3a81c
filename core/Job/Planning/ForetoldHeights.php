<?php

declare(strict_types=1);

namespace Yoke\Job\Planning;

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** Fender heights of the stances that are not taped yet, from those alone. */
final readonly class ForetoldHeights
{
    private const USUAL_FENDER_MM = 900.0;

    public function __construct(private Attitude $dropped, private Attitude $carried)
    {
    }

    /** Taped heights with the others; none of a fender that was not taped alone. */
    public function filledIn(StanceHeights $taped): StanceHeights
    {
        foreach ([[Stance::Dropped, $this->dropped], [Stance::Carried, $this->carried]] as [$stance, $attitude]) {
            $rises = ['front' => $attitude->frontRise()->millimetres(), 'rear' => $attitude->rearRise()->millimetres()];
            foreach (Axle::cases() as $axle) {
                $alone = $taped->at(Stance::Alone, $axle);
                if ($alone !== null && ! $taped->holdsBothEndsOf($stance)) {
                    $taped = $taped->with(
                        $stance,
                        $axle,
                        self::exactly($alone->height()->plus(Length::ofMillimetres($rises[$axle->value]))),
                    );
                }
            }
        }

        return $taped;
    }

    /** All three stances for drawing: from a usual height alone. */
    public function fromUsual(): StanceHeights
    {
        $usual = self::exactly(Length::ofMillimetres(self::USUAL_FENDER_MM));

        return $this->filledIn(
            StanceHeights::none()->with(Stance::Alone, Axle::Front, $usual)->with(Stance::Alone, Axle::Rear, $usual),
        );
    }

    private static function exactly(Length $height): HeightReading
    {
        return HeightReading::exact($height);
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Advice;

use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Role;
use Yoke\Adjuster\Setting;

/** Two moves on a rig that was taken over: the head to a place of its shank, then the small adjuster; what the pair comes to. */
final readonly class HeadThenTension
{
    private function __construct(public Setting $setting, public StanceForecast $forecast)
    {
    }

    /**
     * The best step of the small adjuster once the ball stands elsewhere.
     *
     * @param  Setting  $from  that is on
     * @param  float  $ballOffset  of the ball over what the prior knows, once the head is moved, mm
     */
    public static function of(StanceEvaluator $stances, Adjusters $adjusters, Setting $reference, Setting $from, float $barArm, float $ballOffset, float $mostOver): ?self
    {
        $best = null;
        foreach ($adjusters->smallAbout($from)->settings() as $setting) {
            $forecast = $stances->at($adjusters->tensionBetween($reference, $setting, $barArm), $ballOffset);
            $isBetter = $best === null || $forecast->chances->inRange > $best->forecast->chances->inRange;
            $best = $forecast->over <= $mostOver && $isBetter ? new self($setting, $forecast) : $best;
        }

        return $best;
    }

    /** Whether anything but the head moves. */
    public function movesTension(Setting $from, Adjusters $adjusters): bool
    {
        return array_filter($from->changesTo($this->setting), static fn (string $key): bool => $adjusters->get($key)->role === Role::Tension) !== [];
    }
}

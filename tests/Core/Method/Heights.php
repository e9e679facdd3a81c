<?php

declare(strict_types=1);

namespace Tests\Core\Method;

use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;

/** Stance heights for tests, in millimetres. */
final class Heights
{
    /**
     * @param  array<string, array{0: float|int|null, 1?: float|int|null}>  $taped  stance => [front, rear]
     */
    public static function of(
        array $taped,
        Settling $settling = Settling::Rolled,
        HeightDoubt $doubt = new HeightDoubt(),
    ): StanceHeights {
        $heights = StanceHeights::none();
        foreach ($taped as $stance => $ends) {
            foreach (Axle::cases() as $i => $axle) {
                if (isset($ends[$i])) {
                    $springs = $axle === Axle::Front ? Suspension::Coil : Suspension::Leaf;
                    $heights = $heights->with(
                        Stance::from($stance),
                        $axle,
                        $doubt->reading(Length::ofMillimetres($ends[$i]), $springs, $settling),
                    );
                }
            }
        }

        return $heights;
    }

    /** Heights with no doubt at all. */
    public static function exact(float $alone, float $dropped, float $carried): StanceHeights
    {
        return self::of(
            ['alone' => [$alone], 'dropped' => [$dropped], 'carried' => [$carried]],
            Settling::Rolled,
            new HeightDoubt(0, 0, 0, 0, 0),
        );
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Parts;

/** The shape of the trailer; its value is its name on a label. */
enum TrailerBody: string
{
    case Box = 'box';
    case Caravan = 'caravan';
    case PopUp = 'pop-up';
    case Tall = 'tall';

    /**
     * @return array{float, float} usual length from ball to axle and its spread, one deviation, mm (docs/model.md,
     *     What is assumed)
     */
    public function ballToAxle(): array
    {
        return match ($this) {
            self::PopUp => [3600.0, 500.0],
            self::Caravan => [4600.0, 700.0],
            self::Box, self::Tall => [5000.0, 800.0],
        };
    }

    /** @return array{float, float} usual gross weight and its spread, one deviation, kg */
    public function grossWeight(): array
    {
        return match ($this) {
            self::PopUp => [1200.0, 350.0],
            self::Caravan => [1900.0, 550.0],
            self::Box, self::Tall => [2700.0, 800.0],
        };
    }

    /** Usual height of the centre of gravity above the axle line, mm (docs/model.md, What is usual). */
    public function cgAboveAxle(): float
    {
        return match ($this) {
            self::PopUp => 250.0,
            self::Box, self::Caravan => 500.0,
            self::Tall => 750.0,
        };
    }
}

<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

use Yoke\Foundation\Units\Load;

/** What a load rating of spring bars is of: the value is its key in sheets and files. */
enum RatingOf: string
{
    case OneBar = 'one bar';
    case Pair = 'pair';

    /** Of the key in a sheet; nobody who says nothing means the pair. */
    public static function said(?string $key): self
    {
        return self::tryFrom((string) $key) ?? self::OneBar;
    }

    /** What one bar may carry of what is marked. */
    public function ofOneBar(Load $marked): Load
    {
        return match ($this) {
            self::OneBar => $marked,
            self::Pair => Load::ofKilograms($marked->kilograms() / 2.0),
        };
    }
}

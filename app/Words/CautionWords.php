<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Measuring\Readings\Height\Caution;
use Yoke\Measuring\Readings\Height\CautionKind;

/** Why a height is hard to believe, and what to do about it, in words. */
final class CautionWords
{
    public static function of(Caution $caution, LengthPrinter $print): string
    {
        return Text::of("caution.{$caution->kind->value}", [
            'change' => $print->change($caution->length),
            'height' => $print->nearest($caution->length),
        ]);
    }

    public static function sides(Length $apart, LengthPrinter $print): string
    {
        return Text::of('caution.'.CautionKind::SidesApart->value, ['height' => $print->nearest($apart)]);
    }
}

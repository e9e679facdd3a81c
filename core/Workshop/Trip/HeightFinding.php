<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip;

/** What two fender heights say beside those that a load should give. The value is its key in words. */
enum HeightFinding: string
{
    case Fits = 'fits';
    case TooLittle = 'too_little';
    case TooMuch = 'too_much';
    case MoreWeight = 'more_weight';
    case LessWeight = 'less_weight';
    case Otherwise = 'otherwise';

    /**
     * By where each fender stands: -1 lower than it should, 0 as it should, 1 higher.
     *
     * @param  int<-1, 1>  $front
     * @param  int<-1, 1>  $rear
     */
    public static function of(int $front, int $rear): self
    {
        return match (true) {
            $front === 0 && $rear === 0 => self::Fits,
            $front > 0 && $rear <= 0 => self::TooLittle,
            $front < 0 && $rear >= 0 => self::TooMuch,
            $front <= 0 && $rear < 0 => self::MoreWeight,
            $front === 0 => self::LessWeight,
            default => self::Otherwise,
        };
    }
}

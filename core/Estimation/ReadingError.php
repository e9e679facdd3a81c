<?php

declare(strict_types=1);

namespace Yoke\Estimation;

/** What a hand with a tape gets wrong, by how far the reading lies from what the others say. */
enum ReadingError: string
{
    case EighthInch = 'an eighth for a sixteenth, or the next eighth';
    case QuarterInch = 'a quarter inch misread';
    case TenMillimetres = 'ten millimetres misread';
    case HalfInch = 'half an inch misread';
    case WholeInch = 'a whole inch misread';
    case Unsettled = 'taped before the springs had settled, or the jack still down';

    /** An eighth is told only where the others pin the reading down to this, mm. */
    private const PINNED_MM = 0.9;

    /** A slip fits that lies within so many deviations. */
    private const FITS = 1.5;

    /** The one that fits best. */
    public static function likeliest(Residual $reading): self
    {
        $best = self::Unsettled;
        $nearest = self::FITS * $reading->deviation;
        foreach ([self::EighthInch, self::QuarterInch, self::TenMillimetres, self::HalfInch, self::WholeInch] as $slip) {
            $off = abs(abs($reading->off) - $slip->millimetres());
            if ($off < $nearest && ($slip !== self::EighthInch || $reading->deviation <= self::PINNED_MM)) {
                [$best, $nearest] = [$slip, $off];
            }
        }

        return $best;
    }

    private function millimetres(): float
    {
        return match ($this) {
            self::EighthInch => 3.175,
            self::QuarterInch => 6.35,
            self::TenMillimetres => 10.0,
            self::HalfInch => 12.7,
            self::WholeInch => 25.4,
            self::Unsettled => INF,
        };
    }
}

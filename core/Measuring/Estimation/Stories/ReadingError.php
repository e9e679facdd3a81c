<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Stories;

use Yoke\Foundation\Units\LoadUnit;
use Yoke\Measuring\Estimation\Reading\Residual;

/**
 * What a hand gets wrong with a tape, and with a weighbridge's ticket, by how far the reading lies from what the others
 * say.
 */
enum ReadingError: string
{
    case EighthInch = 'eighth_inch';
    case QuarterInch = 'quarter_inch';
    case TenMillimetres = 'ten_millimetres';
    case HalfInch = 'half_inch';
    case WholeInch = 'whole_inch';
    /** Taped before the springs had settled, or with the jack still down. */
    case Unsettled = 'unsettled';
    case DigitsSwapped = 'digits_swapped';
    case AxlesSwapped = 'axles_swapped';
    case HundredOff = 'hundred_off';
    case ThousandOff = 'thousand_off';
    /** Pounds written for kilograms, or the other way. */
    case OtherUnit = 'other_unit';
    /** A setting with a step more or fewer than was written down. */
    case OneStep = 'one_step';
    /** Somebody was in the cab, or gone from it, or the ground was not the same. */
    case Aboard = 'aboard';
    /** Part of the tongue weight still stood on the jack, in every dropped reading. */
    case OnTheJack = 'on_the_jack';
    /** An axle stood off the plane, in every reading of the stance. */
    case OffThePlane = 'off_the_plane';
    /** Both did: the other side was taped, or tyres were pumped. */
    case OtherSide = 'other_side';
    /** Every setting was counted from the other end. */
    case Reversed = 'reversed';
    /** Front and rear were exchanged when they were written down. */
    case Swapped = 'swapped';
    /** Two stances were exchanged when they were written down. */
    case StancesSwapped = 'stances_swapped';
    /** The fender creeps with the clock. */
    case Wander = 'wander';
    /** No reading of the fender is to be trusted. */
    case Unreliable = 'unreliable';
    /** A ticket whose share is not the tape's. */
    case AgainstTheTape = 'against_the_tape';
    /** A figure that was told of the rig. */
    case ToldWrong = 'told_wrong';
    /** A load that no usual slip explains. */
    case Load = 'load';

    private const POUND_KG = 0.45359237;

    /** An eighth is told only where the others pin the reading down to this, mm. */
    private const PINNED_MM = 0.9;

    /** A slip fits that lies within so many deviations. */
    private const FITS = 1.5;

    /** @return non-empty-list<array{kind: MistakeKind, error: self}> what touches several readings, and its name */
    public static function lasting(): array
    {
        return [
            ['kind' => MistakeKind::OnTheJack, 'error' => self::OnTheJack],
            ['kind' => MistakeKind::OffThePlane, 'error' => self::OffThePlane],
            ['kind' => MistakeKind::OtherSide, 'error' => self::OtherSide],
            ['kind' => MistakeKind::Swapped, 'error' => self::Swapped],
            ['kind' => MistakeKind::StancesSwapped, 'error' => self::StancesSwapped],
            ['kind' => MistakeKind::Wander, 'error' => self::Wander],
            ['kind' => MistakeKind::Unreliable, 'error' => self::Unreliable],
        ];
    }

    /** Whether it is one cause that touches several readings. */
    public function isLasting(): bool
    {
        return $this === self::Reversed || in_array($this, array_column(self::lasting(), 'error'), true);
    }

    /** The one that fits best; of a load one that is written wrong rather than read wrong. */
    public static function likeliest(Residual $reading): self
    {
        return $reading->observation->observed->isLoad() ? self::ofLoad($reading) : self::ofHeight($reading);
    }

    private static function ofHeight(Residual $reading): self
    {
        $best = self::Unsettled;
        $nearest = self::FITS * $reading->deviation;
        foreach (
            [self::EighthInch, self::QuarterInch, self::TenMillimetres, self::HalfInch, self::WholeInch] as $slip
        ) {
            $off = abs(abs($reading->off) - $slip->millimetres());
            if ($off < $nearest && ($slip !== self::EighthInch || $reading->deviation <= self::PINNED_MM)) {
                [$best, $nearest] = [$slip, $off];
            }
        }

        return $best;
    }

    private static function ofLoad(Residual $reading): self
    {
        $unit = $reading->observation->identity->unit === LoadUnit::Pound ? self::POUND_KG : 1.0;
        $best = self::Load;
        $nearest = self::FITS * $reading->deviation;
        $shown = (int) round($reading->observation->value / $unit);
        $candidates = [
            [self::ThousandOff, $reading->observation->value - ($reading->off <=> 0.0) * 1000.0 * $unit],
            [self::HundredOff, $reading->observation->value - ($reading->off <=> 0.0) * 100.0 * $unit],
            [
                self::OtherUnit,
                $reading->observation->value * ($reading->off > 0.0 ? self::POUND_KG : 1.0 / self::POUND_KG),
            ],
            ...array_map(
                static fn (int $load): array => [self::DigitsSwapped, $load * $unit],
                self::withNeighboursSwapped($shown),
            ),
        ];
        foreach ($candidates as [$error, $meant]) {
            $off = abs($reading->predicted() - $meant);
            if ($off < $nearest - 1e-9) {
                [$best, $nearest] = [$error, $off];
            }
        }

        return $best;
    }

    /** @return list<int> the same digits with two neighbours swapped, wherever that makes another number */
    private static function withNeighboursSwapped(int $shown): array
    {
        $digits = (string) abs($shown);
        $swapped = [];
        for ($i = 0; $i + 1 < strlen($digits); $i++) {
            if ($digits[$i] !== $digits[$i + 1]) {
                $swapped[] = (int) (substr($digits, 0, $i).$digits[$i + 1].$digits[$i].substr($digits, $i + 2));
            }
        }

        return $swapped;
    }

    private function millimetres(): float
    {
        return match ($this) {
            self::EighthInch => 3.175,
            self::QuarterInch => 6.35,
            self::TenMillimetres => 10.0,
            self::HalfInch => 12.7,
            self::WholeInch => 25.4,
            default => INF,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Reading\Residual;
use Yoke\Measuring\Readings\Sight\Seen;
use Yoke\Measuring\Readings\Sight\Sight;

/** What is seen by eye, in the words of the trade. */
final readonly class SightWords
{
    /** A trailer within so much of level is said to be about level, degrees. */
    private const ABOUT_LEVEL = 0.3;

    private QuantityWords $print;

    /** @param  float  $ballToAxle  mm */
    public function __construct(User $person, private float $ballToAxle)
    {
        $this->print = new QuantityWords($person);
    }

    public static function sight(Sight $sight): string
    {
        return Text::of("sight.{$sight->value}");
    }

    public static function seen(Seen $seen): string
    {
        return Text::of("sight.seen.{$seen->value}");
    }

    /** What somebody saw against what all other readings say. */
    public function contradicted(Residual $against): string
    {
        return Text::of('sight.contradicted', [
            'seen' => Text::of("reading.observed.{$against->observation->observed->name}"),
            'expected' => $this->expected($against),
        ]);
    }

    private function expected(Residual $against): string
    {
        $predicted = $against->predicted();
        $degrees = rad2deg(atan($predicted / $this->ballToAxle));

        return match (true) {
            $against->observation->observed === Observed::BendSeen => Text::of('sight.expected.bend', [
                'length' => $this->print->aboutLength(Length::ofMillimetres(max(0.0, $predicted))),
            ]),
            $against->observation->observed === Observed::PitchSeen => Text::of('sight.expected.pitch', [
                'length' => $this->print->aboutLength(Length::ofMillimetres(max(0.0, $predicted))),
            ]),
            abs($degrees) < self::ABOUT_LEVEL => Text::of('sight.expected.level'),
            default => Text::of($degrees > 0.0 ? 'sight.expected.nose_up' : 'sight.expected.nose_down', [
                'degrees' => Figures::short(round(abs($degrees), 1)),
            ]),
        };
    }

    /** Which end of a frame is up, of two heights of it; one of them may wait for the other. */
    public function frame(?float $front, ?float $rear): string
    {
        if ($front === null || $rear === null) {
            return $front === $rear ? '' : Text::of('sight.frame.one');
        }

        return match ($front <=> $rear) {
            0 => Text::of('sight.frame.level'),
            1 => Text::of('sight.frame.up', ['length' => $this->print->length(Length::ofMillimetres($front - $rear))]),
            default => Text::of('sight.frame.down', [
                'length' => $this->print->length(Length::ofMillimetres($rear - $front)),
            ]),
        };
    }
}

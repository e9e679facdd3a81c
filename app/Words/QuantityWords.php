<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Foundation\Units\Pressure;
use Yoke\Foundation\Units\RateUnit;
use Yoke\Foundation\Units\Term;
use Yoke\Foundation\Units\Torque;
use Yoke\Judgement\Ratings\RatedLoad;

/** Quantities of a plan in a person's units. */
final readonly class QuantityWords
{
    public function __construct(private User $person)
    {
    }

    public function load(?Load $load): string
    {
        return $load === null ? '–' : $this->person->loadUnit()->nearest($load);
    }

    /** A load that was computed, to 10 lb or 5 kg: no finer than it is known. */
    public function about(Load $load): string
    {
        return $this->load($this->rounded($load));
    }

    private function rounded(Load $load): Load
    {
        $step = $this->person->loadUnit() === LoadUnit::Pound ? Load::ofPounds(10.0)->kilograms() : 5.0;

        return Load::ofKilograms(round($load->kilograms() / $step) * $step);
    }

    /**
     * What something carries against its rating: as the ticket says it where it was weighed, else as computed, and not
     * rounded onto the rating or past it.
     */
    public function carries(RatedLoad $line): string
    {
        return $this->load($this->shown($line)->carries);
    }

    /** How far that is from the rating, to either side. */
    public function margin(RatedLoad $line): string
    {
        return $this->load($this->shown($line)->margin()?->absolute());
    }

    private function shown(RatedLoad $line): RatedLoad
    {
        $rounded = $line->carrying($this->rounded($line->carries));
        $keepsItsSide = $line->isOutside() === $rounded->isOutside() &&
            ! ($line->isOutside() && $this->load($rounded->carries) === $this->load($line->may));

        return $line->isWeighed() || ! $keepsItsSide ? $line : $rounded;
    }

    /** `880 lb ± 30 lb`: a load that was computed, with its doubt. */
    public function aboutWithDoubt(Normal $kilograms): string
    {
        return "{$this->about(
            Load::ofKilograms($kilograms->mean()),
        )} ± {$this->about(Load::ofKilograms($kilograms->deviation()))}";
    }

    /** The same with its sign. */
    public function aboutChange(Load $load): string
    {
        return self::signed($load, $this->about($load->absolute()));
    }

    /** With its sign. */
    public function loadChange(Load $load): string
    {
        return self::signed($load, $this->load($load->absolute()));
    }

    /** What comes to nothing has no sign. */
    private static function signed(Load $load, string $amount): string
    {
        return str_starts_with($amount, '0 ') ? $amount : ($load->isNegative() ? '−' : '+').$amount;
    }

    public function height(float $millimetres): string
    {
        return $this->length(Length::ofMillimetres($millimetres));
    }

    public function length(Length $length): string
    {
        return $this->person->lengthPrinter()->nearest($length);
    }

    /** One that was assumed, to a whole inch or centimetre: no finer than it is known. */
    public function aboutLength(Length $length): string
    {
        $step = $this->person->fineness->unit() === LengthUnit::Inch ? Length::ofInches(1.0)->millimetres() : 10.0;

        return $this->length(Length::ofMillimetres(round($length->millimetres() / $step) * $step));
    }

    /** One that was computed, finer than a tape can be read. */
    public function fine(float $millimetres): string
    {
        return $this->fineLength(Length::ofMillimetres($millimetres));
    }

    private function fineLength(Length $length): string
    {
        return Figures::written($this->person->lengthPrinter()->fine($length));
    }

    public function change(float $millimetres): string
    {
        return $this->person->lengthPrinter()->change(Length::ofMillimetres($millimetres));
    }

    public function doubt(Normal $value): string
    {
        return $this->person->lengthPrinter()->doubt(Length::ofMillimetres($value->deviation()));
    }

    /** A spring rate where kilograms are the unit; a pound shop has what a hundred pounds do instead. */
    public function rate(Normal $rate): string
    {
        return $this->person->loadUnit() === LoadUnit::Pound
            ? sprintf(
                '%d lb/in ± %d',
                round(RateUnit::PoundPerInch->of($rate->mean()) / 10) * 10,
                max(10, round(RateUnit::PoundPerInch->of($rate->deviation()) / 10) * 10),
            )
            : Figures::written(sprintf('%.1f ± %.1f kg/mm', $rate->mean(), $rate->deviation()));
    }

    /** A rate of so many kg/mm, without its doubt. */
    public function springs(float $rate): string
    {
        return $this->person->loadUnit() === LoadUnit::Pound
            ? sprintf('%d lb/in', round(RateUnit::PoundPerInch->of($rate) / 10) * 10)
            : Figures::fixed($rate).' kg/mm';
    }

    /** How far a spring of so many kg/mm gives for a usual load. */
    public function squat(float $rate): string
    {
        return $this->person->loadUnit() === LoadUnit::Pound
            ? Text::of('screen.quantity.squat', [
                'squat' => $this->length(Length::ofMillimetres(Load::ofPounds(100.0)->kilograms() / $rate)),
                'load' => '100 lb',
            ])
            : Text::of('screen.quantity.squat', ['squat' => '1 mm', 'load' => sprintf('%d kg', round($rate))]);
    }

    public function percent(float $share): string
    {
        return sprintf('%d %%', round($share * 100));
    }

    public function degrees(Angle $angle): string
    {
        return Figures::fixed(abs($angle->degrees())).'°';
    }

    public function term(Term $term): string
    {
        return match (true) {
            $term->comesTo instanceof Load => $this->load($term->comesTo),
            $term->comesTo instanceof Length => $this->fineLength($term->comesTo),
            $term->comesTo instanceof Angle => $this->degrees($term->comesTo),
            default => $this->percent($term->comesTo),
        };
    }

    public function pressure(float $kilopascals): string
    {
        return $this->person->pressureUnit()->nearest(Pressure::ofKilopascals($kilopascals));
    }

    public function torque(float $newtonMetres): string
    {
        return $this->person->torqueUnit()->nearest(Torque::ofNewtonMetres($newtonMetres));
    }
}

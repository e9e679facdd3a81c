<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Probability\Normal;
use Yoke\Units\Angle;
use Yoke\Units\Length;
use Yoke\Units\Load;
use Yoke\Units\Pressure;
use Yoke\Units\Term;
use Yoke\Units\Torque;

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

    /** With its sign. */
    public function loadChange(Load $load): string
    {
        return ($load->isNegative() ? '−' : '+').$this->load($load->absolute());
    }

    public function height(float $millimetres): string
    {
        return $this->length(Length::ofMillimetres($millimetres));
    }

    public function length(Length $length): string
    {
        return $this->person->lengthPrinter()->nearest($length);
    }

    public function change(float $millimetres): string
    {
        return $this->person->lengthPrinter()->change(Length::ofMillimetres($millimetres));
    }

    public function doubt(Normal $value): string
    {
        return $this->person->lengthPrinter()->doubt(Length::ofMillimetres($value->deviation()));
    }

    public function percent(float $share): string
    {
        return sprintf('%d %%', round($share * 100));
    }

    public function degrees(Angle $angle): string
    {
        return sprintf('%.1f°', abs($angle->degrees()));
    }

    public function term(Term $term): string
    {
        return match (true) {
            $term->comesTo instanceof Load => $this->load($term->comesTo),
            $term->comesTo instanceof Length => $this->person->lengthPrinter()->fine($term->comesTo),
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

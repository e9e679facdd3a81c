<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User as Authenticatable;
use Yoke\Units\LengthUnit;
use Yoke\Units\LoadUnit;
use Yoke\Units\PressureUnit;
use Yoke\Units\RateUnit;
use Yoke\Units\RoadUnit;
use Yoke\Units\Text\Fineness;
use Yoke\Units\Text\LengthParser;
use Yoke\Units\Text\LengthPrinter;
use Yoke\Units\Text\LoadParser;
use Yoke\Units\TorqueUnit;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Fineness $fineness
 * @property string $theme
 * @property array<string, mixed>|null $calling
 */
final class User extends Authenticatable
{
    public const THEMES = ['sun' => 'Sunlight', 'dark' => 'Dark'];

    protected $fillable = ['name', 'email', 'password', 'fineness', 'theme', 'calling'];

    protected $attributes = ['calling' => null];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'fineness' => Fineness::class, 'calling' => 'array'];
    }

    public function callingPreferences(): CallingPreferences
    {
        return CallingPreferences::of($this->calling);
    }

    public function lengthPrinter(): LengthPrinter
    {
        return new LengthPrinter($this->fineness);
    }

    public function lengthParser(): LengthParser
    {
        return new LengthParser($this->fineness->unit());
    }

    public function loadParser(): LoadParser
    {
        return new LoadParser($this->loadUnit());
    }

    public function roadUnit(): RoadUnit
    {
        return $this->loadUnit() === LoadUnit::Pound ? RoadUnit::Mile : RoadUnit::Kilometre;
    }

    public function pressureUnit(): PressureUnit
    {
        return $this->loadUnit() === LoadUnit::Pound ? PressureUnit::PoundPerSquareInch : PressureUnit::Kilopascal;
    }

    public function rateUnit(): RateUnit
    {
        return $this->loadUnit() === LoadUnit::Pound ? RateUnit::PoundPerInch : RateUnit::KilogramPerMillimetre;
    }

    public function torqueUnit(): TorqueUnit
    {
        return $this->loadUnit() === LoadUnit::Pound ? TorqueUnit::PoundFoot : TorqueUnit::NewtonMetre;
    }

    public function loadUnit(): LoadUnit
    {
        return $this->fineness->unit() === LengthUnit::Inch ? LoadUnit::Pound : LoadUnit::Kilogram;
    }
}

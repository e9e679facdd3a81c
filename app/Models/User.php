<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Foundation\Units\PressureUnit;
use Yoke\Foundation\Units\RateUnit;
use Yoke\Foundation\Units\RoadUnit;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Foundation\Units\Text\LengthParser;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Foundation\Units\Text\LoadParser;
use Yoke\Foundation\Units\TorqueUnit;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password hashed
 * @property Fineness $fineness
 * @property string $theme
 * @property Language $language
 * @property array<string, mixed>|null $calling
 * @property Role|null $role none: a name that a file brought, without a sign-in
 * @property string|null $role_standing ASKED: given by nobody, asked for at the next page; a role: what they say, not
 *     confirmed yet; null: settled
 * @property CarbonImmutable|null $left_at
 */
final class User extends Authenticatable
{
    use Notifiable;

    public const ASKED = 'asked';

    public const THEMES = ['sun', 'dark'];

    protected $fillable = [
        'name',
        'email',
        'password',
        'fineness',
        'theme',
        'language',
        'calling',
        'role',
        'role_standing',
        'left_at',
    ];

    protected $attributes = [
        'language' => 'en',
        'calling' => null,
        'role' => null,
        'role_standing' => null,
        'left_at' => null,
    ];

    protected $hidden = ['password', 'remember_token'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'fineness' => Fineness::class,
            'language' => Language::class,
            'calling' => 'array',
            'role' => Role::class,
            'left_at' => 'immutable_datetime',
        ];
    }

    /** @return HasMany<DeviceSignIn, $this> */
    public function signIns(): HasMany
    {
        return $this->hasMany(DeviceSignIn::class);
    }

    /** @return Builder<self> those who may sign in */
    public static function here(): Builder
    {
        return self::query()->whereNotNull('role')->whereNull('left_at');
    }

    public function isHere(): bool
    {
        return $this->role !== null && $this->left_at === null;
    }

    /** One letter of the first name and one of the last. */
    public function initials(): string
    {
        $names = preg_split('/\s+/', trim($this->name)) ?: [''];

        return mb_strtoupper(
            mb_substr($names[0], 0, 1).(count($names) > 1 ? mb_substr($names[count($names) - 1], 0, 1) : ''),
        );
    }

    /** As somebody who types in millimetres and kilograms where no unit stands. */
    public function metric(): self
    {
        $metric = clone $this;
        $metric->forceFill(['fineness' => Fineness::Millimetre]);

        return $metric;
    }

    /**
     * By which a browser seals what waits there for the connection: the same each time, and nobody else's. 32 bytes as
     * hex.
     */
    public function seal(): string
    {
        return hash_hmac('sha256', "entries of {$this->id} {$this->email}", (string) config('app.key'));
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

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Yoke\Foundation\Units\LengthUnit;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Rig\Parts\Stance;

/**
 * A reading of something else than a fender; of the same kind in the same round, the latest counts.
 *
 * @property int $id
 * @property Stance $stance
 * @property int $round
 * @property MeasureKind $kind
 * @property string $typed
 * @property float|null $value mm or kg; null: taken back
 * @property string|null $unit that it was read in; null for an angle
 */
final class Measure extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'stance', 'round', 'kind', 'typed', 'value', 'unit', 'user_id', 'taken_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'stance' => Stance::class,
            'kind' => MeasureKind::class,
            'round' => 'integer',
            'value' => 'float',
            'taken_at' => 'immutable_datetime',
        ];
    }

    public function loadUnit(): LoadUnit
    {
        return LoadUnit::tryFrom((string) $this->unit) ?? LoadUnit::Kilogram;
    }

    public function lengthUnit(): LengthUnit
    {
        return LengthUnit::tryFrom((string) $this->unit) ?? LengthUnit::Millimetre;
    }
}

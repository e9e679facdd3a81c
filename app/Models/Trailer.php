<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $body
 * @property int $axles
 * @property float|null $ball_to_axle_mm null while nobody measured it
 * @property float|null $gross_weight_kg null while nobody measured it
 * @property array<string, float|int|string>|null $sheet
 * @property \Carbon\CarbonImmutable|null $archived_at
 */
final class Trailer extends Model
{
    use KeptAway, Marked;

    protected $fillable = ['mark', 'name', 'body', 'axles', 'ball_to_axle_mm', 'gross_weight_kg', 'sheet'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['axles' => 'integer', 'sheet' => 'array', 'archived_at' => 'immutable_datetime'];
    }
}

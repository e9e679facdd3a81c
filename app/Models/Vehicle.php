<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $body
 * @property float|null $wheelbase_mm null while nobody measured it
 * @property float|null $overhang_mm null while nobody measured it
 * @property string $front_suspension
 * @property string $rear_suspension
 * @property array<string, float|int|string>|null $sheet
 * @property \Carbon\CarbonImmutable|null $archived_at
 */
final class Vehicle extends Model
{
    use KeptAway, Marked;

    protected $fillable = [
        'mark',
        'name',
        'body',
        'wheelbase_mm',
        'overhang_mm',
        'front_suspension',
        'rear_suspension',
        'sheet',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sheet' => 'array', 'archived_at' => 'immutable_datetime'];
    }
}

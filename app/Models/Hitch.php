<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property float|null $bar_arm_mm null while nobody measured it
 * @property array<string, float|int|string>|null $sheet
 * @property \Carbon\CarbonImmutable|null $archived_at
 */
final class Hitch extends Model
{
    use KeptAway, Marked;

    protected $fillable = ['mark', 'name', 'bar_arm_mm', 'sheet'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sheet' => 'array', 'archived_at' => 'immutable_datetime'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property float $bar_arm_mm
 * @property array<string, float|int|string>|null $sheet
 */
final class Hitch extends Model
{
    protected $fillable = ['name', 'bar_arm_mm', 'sheet'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['sheet' => 'array'];
    }
}

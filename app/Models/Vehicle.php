<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $body
 * @property float $wheelbase_mm
 * @property float $overhang_mm
 * @property string $front_suspension
 * @property string $rear_suspension
 */
final class Vehicle extends Model
{
    protected $fillable = ['name', 'body', 'wheelbase_mm', 'overhang_mm', 'front_suspension', 'rear_suspension'];
}

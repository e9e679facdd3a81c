<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property float $bar_arm_mm
 */
final class Hitch extends Model
{
    protected $fillable = ['name', 'bar_arm_mm'];
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the simulated devices read off for a job, and no page shows.
 *
 * @property array<string, mixed> $truth
 * @property array<string, float|int> $setting
 */
final class Simulation extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'truth', 'setting'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['truth' => 'array', 'setting' => 'array'];
    }
}

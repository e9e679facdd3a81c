<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What travels on a rig on one kind of trip, and the setting kept for it. One is what was aboard when the rig was
 * weighed.
 *
 * @property int $id
 * @property int $rig_id
 * @property string $name
 * @property bool $as_weighed
 * @property list<array{name: string, kg: float, on: string, mm: float}> $items
 * @property array<string, float> $fills share of each tank, 0 to 1
 * @property array<string, float>|null $setting
 */
final class LoadState extends Model
{
    use KeptAway;

    public const AS_WEIGHED = 'As weighed';

    protected $fillable = ['rig_id', 'name', 'as_weighed', 'items', 'fills', 'setting', 'user_id'];

    protected $attributes = ['as_weighed' => false, 'items' => '[]', 'fills' => '{}', 'setting' => null];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'as_weighed' => 'boolean',
            'items' => 'array',
            'fills' => 'array',
            'setting' => 'array',
            'archived_at' => 'immutable_datetime',
        ];
    }

    /** What its address calls it. */
    public function key(): string
    {
        return $this->as_weighed ? 'weighed' : (string) $this->id;
    }
}

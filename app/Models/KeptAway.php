<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Date;

/** Nothing of the garage is deleted: it is put away, and can be brought back. */
trait KeptAway
{
    public function putAway(): void
    {
        $this->forceFill(['archived_at' => Date::now()])->save();
    }

    public function bringBack(): void
    {
        $this->forceFill(['archived_at' => null])->save();
    }

    /** @return Builder<static> those at hand */
    public static function atHand(): Builder
    {
        $query = self::query();
        $query->whereNull('archived_at');

        return $query;
    }

    /** @return Builder<static> */
    public static function away(): Builder
    {
        $query = self::query();
        $query->whereNotNull('archived_at');

        return $query;
    }
}

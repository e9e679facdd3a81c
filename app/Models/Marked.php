<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Str;

/** Has a mark that stays the same in every shop and every file, whatever number it gets there. */
trait Marked
{
    protected static function bootMarked(): void
    {
        self::creating(static function (self $model): void {
            $model->setAttribute('mark', $model->getAttribute('mark') ?? (string) Str::uuid());
        });
    }
}

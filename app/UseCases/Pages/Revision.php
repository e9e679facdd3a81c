<?php

declare(strict_types=1);

namespace App\UseCases\Pages;

use Illuminate\Support\Facades\DB;

/** The marks that the last changes left: as long as they are the same, a page shows the same. */
final class Revision
{
    /** Of everything in the shop. */
    public static function any(): string
    {
        return (string) DB::table('revisions')->where('of', 'any')->value('mark');
    }

    /** Of a job with the other jobs of its rig, and of what belongs to the shop: garage, people, settings. */
    public static function ofJob(int $job): string
    {
        return DB::table('revisions')
            ->where('of', 'shop')
            ->orWhereIn(
                'of',
                DB::table('jobs')
                    ->selectRaw("'job:' || id")
                    ->where('rig_id', DB::table('jobs')->select('rig_id')->where('id', $job)),
            )
            ->orderBy('of')
            ->pluck('mark')
            ->implode(' ');
    }
}

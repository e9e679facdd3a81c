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

    /**
     * Of jobs, each with the other jobs of its rig, and of what belongs to the shop: garage, people, settings.
     *
     * @param  list<int>  $jobs
     * @return array<int, string> by job
     */
    public static function ofJobs(array $jobs): array
    {
        $rigs = DB::table('jobs')->whereIn('id', $jobs)->pluck('rig_id', 'id');
        $marked = DB::table('revisions')
            ->join('jobs', 'of', '=', DB::raw("'job:' || jobs.id"))
            ->whereIn('rig_id', $rigs->unique()->all())
            ->orderBy('of')
            ->get(['rig_id', 'revisions.mark'])
            ->groupBy('rig_id');
        $shop = (string) DB::table('revisions')->where('of', 'shop')->value('mark');
        $marks = [];
        foreach ($jobs as $job) {
            $of = $marked->get($rigs->get($job))?->pluck('mark')->implode(' ') ?? '';
            $marks[$job] = trim("{$shop} {$of}");
        }

        return $marks;
    }
}

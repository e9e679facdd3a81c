<?php

declare(strict_types=1);

namespace App\Screens\Shop;

use App\Models\Job;
use App\Models\User;
use App\Screens\Bench\AdvicePage;
use App\UseCases\Analysis\JobAnalyses;
use App\Words\VerdictWords;
use Illuminate\Contracts\Cache\Repository;
use Yoke\Job\Shop\ShopSettings;

/** Open jobs by what the shop holds to now, and by what it might. */
final readonly class WhatWouldChange
{
    /** The latest booked; the others are counted. */
    private const LOOKED_AT = 30;

    /**
     * @param  list<array{job: Job, now: string, then: string}>  $changed
     * @param  int  $looked  open jobs that were worked out both ways
     * @param  int  $open  all that are open
     */
    private function __construct(public array $changed, public int $looked, public int $open)
    {
    }

    public static function by(ShopSettings $then, JobAnalyses $now, User $person, Repository $nowhere): self
    {
        $might = new JobAnalyses($then->rules(), $nowhere);
        $jobs = Job::query()
            ->whereNull('handed_over_at')
            ->orderByDesc('id')
            ->limit(self::LOOKED_AT)
            ->with([
                'rig',
                'liveReadings.user',
                'rounds',
                'measures',
                'tickets',
                'tongueReadings',
                'barTapings',
                'marks',
            ])
            ->get();
        $changed = [];
        foreach ($jobs as $job) {
            $says = [
                self::says(new AdvicePage($now->of($job), $person)),
                self::says(new AdvicePage($might->of(clone $job), $person)),
            ];
            if ($says[0] !== $says[1]) {
                $changed[] = ['job' => $job, 'now' => $says[0], 'then' => $says[1]];
            }
        }

        return new self($changed, $jobs->count(), Job::query()->whereNull('handed_over_at')->count());
    }

    private static function says(AdvicePage $advice): string
    {
        $verdict = $advice->verdict();
        $share =
            $verdict === null
                ? ''
                : VerdictWords::share($verdict->share).', '.VerdictWords::verdict($verdict->verdict).'. ';

        return trim($share.$advice->move().' '.$advice->chance());
    }
}

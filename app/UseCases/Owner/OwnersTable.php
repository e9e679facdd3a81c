<?php

declare(strict_types=1);

namespace App\UseCases\Owner;

use App\UseCases\Analysis\AnalysedJob;
use Illuminate\Contracts\Cache\Repository;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Workshop\Trip\TripAnswers;
use Yoke\Workshop\Trip\TripEntry;
use Yoke\Workshop\Trip\TripGrid;
use Yoke\Workshop\Trip\TripTable;

/**
 * The answers for every load of a rig's grid: worked out once, and again when the rig, its readings or the shop's
 * settings
 * say otherwise.
 *
 * @phpstan-import-type EntryRow from TripEntry
 */
final readonly class OwnersTable
{
    private const DAYS = 400;

    public function __construct(private Repository $cache)
    {
    }

    /** Null while nobody knows which setting is on. */
    public function of(AnalysedJob $job): ?TripTable
    {
        $on = $job->described->sheets->isPlainBall() ? Setting::of([]) : $job->current()?->setting;
        if ($on === null || ($job->adjusters === null && ! $job->described->sheets->isPlainBall())) {
            return null;
        }
        $grid = TripGrid::of($job->rig, $job->described->sheets->tanks(), $job->worked->aboard());
        $entries = $this->cache->remember(
            $this->name($job, $on),
            self::DAYS * 86_400,
            static fn (): array => self::entries($job, $grid, $on),
        );

        return $entries === [] ? null : new TripTable($grid, array_map(TripEntry::ofArray(...), $entries));
    }

    /** @param  Setting  $on  empty on a plain ball */
    public static function answers(AnalysedJob $job, Setting $on): TripAnswers
    {
        return new TripAnswers(
            $job->described,
            $job->posterior(),
            $job->adjusters,
            $job->adjusters === null ? $on : $job->reference(),
            $on,
            $job->goal,
            $job->shop->rules->stopping,
            $job->tickets,
        );
    }

    /** @return list<EntryRow> as they are kept */
    private static function entries(AnalysedJob $job, TripGrid $grid, Setting $on): array
    {
        return array_map(
            static fn (TripEntry $entry): array => $entry->toArray(),
            self::answers($job, $on)->table($grid)->entries,
        );
    }

    /** Another one as soon as anything that the answers hang on differs. */
    private function name(AnalysedJob $job, Setting $on): string
    {
        return 'owners-table-3.'.
            hash(
                'xxh128',
                serialize([
                    $job->worked,
                    $job->posterior()->variants(0.0),
                    $on,
                    $job->tickets,
                    $job->goal,
                    $job->shop->rules->stopping,
                    $job->shop->rules->priors,
                ]),
            );
    }
}
